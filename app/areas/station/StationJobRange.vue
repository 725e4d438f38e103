<script setup lang="ts">
import { JOB_LIMITS } from '#core/job/job'
import { stationPages } from '~/words/station'

const says = stationPages.jobCard

/** A current that is set between two ends. While an end lacks, or they stand the wrong way round, no range is set. */
const range = defineModel<readonly [number, number] | undefined>({ required: true })
const lowest = ref(range.value?.[0])
const highest = ref(range.value?.[1])
const wrong = computed(() =>
  lowest.value !== undefined && highest.value !== undefined && lowest.value > highest.value ? says.theLowerCurrentComesFirst : '',
)
watch([lowest, highest], ([low, high]) => {
  range.value = low === undefined || high === undefined || low > high ? undefined : [low, high]
})
const AMPERE = plainUnit('A', 5)
</script>

<template>
  <div class="range">
    <FrameNumber v-model="lowest" :label="says.lowest" :unit="AMPERE" :limits="JOB_LIMITS.currentA" />
    <FrameNumber v-model="highest" :label="says.highest" :unit="AMPERE" :limits="JOB_LIMITS.currentA" />
    <p class="wrong" role="status">
      {{ wrong }}
    </p>
  </div>
</template>

<style scoped>
.range { display: grid; grid-template-columns: 1fr 1fr; gap: var(--space-4); padding-bottom: var(--space-4); }
.wrong { grid-column: 1 / -1; color: var(--stop); font-weight: 650; }
</style>
