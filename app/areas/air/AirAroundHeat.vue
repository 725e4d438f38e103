<script setup lang="ts">
import { heatStress } from '#core/heat/heat-stress'
import type { HeatClothingId, WorkRateId } from '#core/ids/protection-ids'
import { HEAT_CLOTHING, WORK_RATES } from '#core/ids/protection-ids'
import type { Warmth } from '#core/streams/hall/hall'
import { airPages } from '~/words/air'

const says = airPages.around

/** Heat at work, and how much of each hour may be worked: by a measured index, or by the air alone. */
const warmth = ref<Warmth | null>(null)
const work = ref<WorkRateId | ''>('')
const clothing = ref<HeatClothingId | ''>('')
const used = ref<'yes' | 'no' | ''>('')
const YES_NO = ['yes', 'no'] as const
const yesNo = (id: 'yes' | 'no') => (id === 'yes' ? says.yes : says.no)
const found = computed(() => warmth.value === null || work.value === '' || clothing.value === '' || used.value === ''
  ? null
  : heatStress({ ...warmth.value, work: work.value, clothing: clothing.value, isAcclimatised: used.value === 'yes' }))
</script>

<template>
  <FrameSum :title="says.heatAtWork" :level="3">
    <AirWarmth v-model="warmth" />
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
