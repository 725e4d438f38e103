<script setup lang="ts">
import type { BaseMetalId, ProcessId } from '#core/ids/vocabulary'
import { BASE_METALS } from '#core/ids/vocabulary'
import { bystander, BYSTANDER_LIMITS } from '#core/optics/bystander'
import { PROCESS_ORDER } from '~/areas/station/useJobDraft'
import { allowedTime } from '#shared/words/rounded'
import { airPages } from '~/words/air'

const says = airPages.around

/** For how long, and from how far, somebody without a filter may see an arc. */
const shop = useShopUnits()
const q = useQuantities()
const process = ref<ProcessId | ''>('')
const baseMetal = ref<BaseMetalId | ''>('')
const measured = ref<number | undefined>()
const distanceM = ref<number | undefined>()
const arcMinutes = ref<number | undefined>()
const wallPercent = ref<number | undefined>()
const found = computed(() => process.value === ''
  ? null
  : bystander({
      process: process.value,
      ...baseMetal.value === '' ? {} : { baseMetal: baseMetal.value },
      ...measured.value === undefined ? {} : { effectiveIrradianceAt1mWPerM2: measured.value },
      ...distanceM.value === undefined ? {} : { distanceM: distanceM.value },
      ...arcMinutes.value === undefined ? {} : { arcMinutes: arcMinutes.value },
      ...wallPercent.value === undefined ? {} : { wallReflectance: wallPercent.value / 100 },
    }))
</script>

<template>
  <FrameSum :title="says.whoElseSeesTheArc" :level="3">
    <div class="columns">
      <FrameSelect v-model="process" :label="says.process" :ids="PROCESS_ORDER" :named="id => words.processes[id]" :none="says.choose" />
      <FrameSelect v-model="baseMetal" :label="says.metal" :ids="BASE_METALS" :named="id => words.baseMetals[id]" :none="says.notKnown" />
      <FrameNumber v-model="distanceM" :label="says.howFarOff" :unit="shop.height" :limits="BYSTANDER_LIMITS.distanceM" optional />
      <FrameNumber
        v-model="arcMinutes"
        :label="says.seesItBurnFor"
        :unit="plainUnit('min')"
        :limits="BYSTANDER_LIMITS.arcMinutes"
        optional
        :hint="says.inADay"
      />
      <FrameNumber
        v-model="measured"
        :label="says.measuredAtOneMetre"
        :unit="plainUnit('W/m²')"
        :limits="BYSTANDER_LIMITS.effectiveIrradianceAt1mWPerM2"
        optional
      />
      <FrameNumber v-model="wallPercent" :label="says.wallsThrowBack" :unit="plainUnit('%')" :limits="{ min: 0, max: 100 }" optional />
    </div>
    <template v-if="found" #answer>
      <p v-if="found.safeSeconds !== undefined" class="big print">
        {{ allowedTime(found.safeSeconds) }} <small>{{ says.aDayUnprotected }}</small>
      </p>
      <p v-if="found.safeDistanceM !== undefined">
        {{ says.forThatLongFrom(q.distance(Math.ceil(found.safeDistanceM * 10) / 10)) }}
      </p>
      <CylinderFindings :findings="found.findings" />
    </template>
  </FrameSum>
</template>
