<script setup lang="ts">
import type { LaserFilter } from '#core/laser/beam'
import { laserPages } from '~/words/laser'

const says = laserPages.filter

/** What is marked on a filter against a laser: all of it but the scale number or, where it may be left out, none. */
const { optional = false } = defineProps<{ optional?: boolean }>()
const filter = defineModel<LaserFilter | undefined>({ required: true })
const od = ref(filter.value?.od)
const fromNm = ref(filter.value?.fromNm)
const toNm = ref(filter.value?.toNm)
const damageRating = ref(filter.value?.damageRating)
const read = computed((): LaserFilter | undefined => {
  if (od.value === undefined || fromNm.value === undefined || toNm.value === undefined) return undefined
  const marks = { od: od.value, fromNm: fromNm.value, toNm: toNm.value }
  return damageRating.value === undefined ? marks : { ...marks, damageRating: damageRating.value }
})
const typed = computed(() => [od.value, fromNm.value, toNm.value, damageRating.value])
/** Begun, the rest is needed: half of the marks is none, and would be lost. */
const mayLeaveOut = computed(() => optional && typed.value.every(value => value === undefined))
watch(typed, () => {
  filter.value = read.value
})
// Told from outside, as by whoever says that two wear the same.
watch(filter, (told) => {
  if (told === undefined || JSON.stringify(told) === JSON.stringify(read.value)) return
  od.value = told.od
  fromNm.value = told.fromNm
  toNm.value = told.toNm
  damageRating.value = told.damageRating
})
const NM = { min: 100, max: 20_000 }
const DENSITY = { min: 0, max: 12 }
const RATING = { min: 1, max: 12 }
</script>

<template>
  <div class="marks">
    <FrameNumber v-model="od" :label="says.od" :unit="plainUnit('')" :limits="DENSITY" :optional="mayLeaveOut" />
    <FrameNumber v-model="fromNm" :label="says.from" :unit="plainUnit('nm')" :limits="NM" :optional="mayLeaveOut" />
    <FrameNumber v-model="toNm" :label="says.to" :unit="plainUnit('nm')" :limits="NM" :optional="mayLeaveOut" />
    <FrameNumber v-model="damageRating" :label="says.rating" :unit="wholeUnit" :limits="RATING" optional />
  </div>
</template>

<style scoped>
.marks { display: grid; grid-template-columns: repeat(4, minmax(0, 1fr)); gap: var(--space-2); }
</style>
