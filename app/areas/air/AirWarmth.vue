<script setup lang="ts">
import { HEAT_LIMITS } from '#core/heat/heat-stress'
import type { Warmth } from '#core/streams/hall/hall'
import { airPages } from '~/words/air'

const says = airPages.around

/** How warm it is: the index that was measured, or air, humidity and sun that it is estimated from; null until it is said. */
const warmth = defineModel<Warmth | null>({ required: true })
const units = useCylinderUnits()
const wbgtC = ref<number | undefined>()
const airC = ref<number | undefined>()
const humidityPercent = ref<number | undefined>()
const sun = ref<'yes' | 'no' | ''>('')
const YES_NO = ['yes', 'no'] as const
/** The measured index counts where there is one. */
const said = computed<Warmth | null>(() => {
  if (wbgtC.value !== undefined) return { wbgtC: wbgtC.value }
  return airC.value === undefined || humidityPercent.value === undefined || sun.value === ''
    ? null
    : { airC: airC.value, humidityPercent: humidityPercent.value, isInSun: sun.value === 'yes' }
})
watch(said, (is) => {
  warmth.value = is
})
</script>

<template>
  <div class="columns">
    <FrameNumber v-model="wbgtC" :label="says.measuredIndex" :unit="units.temperature" :limits="HEAT_LIMITS.wbgtC" optional />
    <template v-if="wbgtC === undefined">
      <FrameNumber v-model="airC" :label="says.airTemperature" :unit="units.temperature" :limits="HEAT_LIMITS.airC" optional />
      <FrameNumber
        v-model="humidityPercent"
        :label="says.humidity"
        :unit="plainUnit('%', 5)"
        :limits="HEAT_LIMITS.humidityPercent"
        optional
      />
    </template>
  </div>
  <FrameChoice
    v-if="wbgtC === undefined"
    v-model="sun"
    :label="says.inTheSun"
    :ids="YES_NO"
    :named="id => id === 'yes' ? says.yes : says.no"
  />
</template>

<style scoped>
.columns { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 190px), 1fr)); gap: var(--space-4); width: 100%; }
</style>
