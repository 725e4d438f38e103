<script setup lang="ts">
import { HEAT_LIMITS, heatStress } from '#core/heat/heat-stress'
import type { HeatClothingId, WorkRateId } from '#core/ids/protection-ids'
import { HEAT_CLOTHING, WORK_RATES } from '#core/ids/protection-ids'
import { airPages } from '~/words/air'

const says = airPages.around

/** Heat at work, and how much of each hour may be worked: by a measured index, or by the air alone. */
const units = useCylinderUnits()
const wbgtC = ref<number | undefined>()
const airC = ref<number | undefined>()
const humidityPercent = ref<number | undefined>()
const sun = ref<'yes' | 'no' | ''>('')
const work = ref<WorkRateId | ''>('')
const clothing = ref<HeatClothingId | ''>('')
const used = ref<'yes' | 'no' | ''>('')
const YES_NO = ['yes', 'no'] as const
const yesNo = (id: 'yes' | 'no') => (id === 'yes' ? says.yes : says.no)
/** The measured index counts where there is one. */
const heat = computed(() => {
  if (wbgtC.value !== undefined) return { wbgtC: wbgtC.value }
  return airC.value === undefined || humidityPercent.value === undefined || sun.value === ''
    ? null
    : { airC: airC.value, humidityPercent: humidityPercent.value, isInSun: sun.value === 'yes' }
})
const found = computed(() => heat.value === null || work.value === '' || clothing.value === '' || used.value === ''
  ? null
  : heatStress({ ...heat.value, work: work.value, clothing: clothing.value, isAcclimatised: used.value === 'yes' }))
</script>

<template>
  <FrameSum :title="says.heatAtWork" :level="3">
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
    <FrameChoice v-if="wbgtC === undefined" v-model="sun" :label="says.inTheSun" :ids="YES_NO" :named="yesNo" />
    <div class="columns">
      <FrameSelect v-model="work" :label="says.howHard" :ids="WORK_RATES" :named="id => says.workRates[id]" :none="says.choose" />
      <FrameSelect
        v-model="clothing"
        :label="says.whatIsWorn"
        :ids="HEAT_CLOTHING"
        :named="id => says.heatClothing[id]"
        :none="says.choose"
      />
    </div>
    <FrameChoice v-model="used" :label="says.usedToHeat" :ids="YES_NO" :named="yesNo" />
    <template v-if="found" #answer>
      <p class="big print">
        {{ found.workMinPerH }} min <small>{{ says.ofEachHour }}</small>
      </p>
      <CylinderFindings :findings="found.findings" />
    </template>
  </FrameSum>
</template>
