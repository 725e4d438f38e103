<script setup lang="ts">
import { weldingCable } from '#core/electrical/cable'
import { dutyCycleAt } from '#core/electrical/duty-cycle'
import { judgeElectricalTest } from '#core/electrical/electrical-test'
import { judgeOpenCircuit, openCircuitLimits } from '#core/electrical/open-circuit'
import { kitItemWords } from '~/words/kit-item-words'
import type { ElectricalTestId, ShockEnvironment } from '#core/ids/electrical-ids'
import { ELECTRICAL_TESTS, SHOCK_ENVIRONMENTS } from '#core/ids/electrical-ids'
import { down, up } from '#shared/words/rounded'
import { kitPages } from '~/words/kit'

const says = kitPages.sums
const SUMS = ['duty', 'cable', 'open', 'test'] as const

/** The electrical sums: duty, cable, open-circuit voltage, and the readings of a periodic test judged. */
const q = useQuantities()
const shop = useShopUnits()
const AMPS = { min: 1, max: 3000 }
const ratedA = ref<number | undefined>()
const ratedDuty = ref<number | undefined>()
const currentA = ref<number | undefined>()
const duty = computed(() =>
  ratedA.value === undefined || ratedDuty.value === undefined || currentA.value === undefined
    ? null
    : dutyCycleAt({ ratedCurrentA: ratedA.value, ratedDutyPercent: ratedDuty.value, currentA: currentA.value }),
)

const lengthM = ref<number | undefined>()
const areaMm2 = ref<number | undefined>()
const arcPercent = ref<number | undefined>()
const cable = computed(() =>
  currentA.value === undefined || lengthM.value === undefined || areaMm2.value === undefined
    ? null
    : weldingCable({
        currentA: currentA.value,
        loopLengthM: lengthM.value,
        areaMm2: areaMm2.value,
        ...(arcPercent.value === undefined ? {} : { dutyPercent: arcPercent.value }),
      }),
)

const KINDS = ['ac', 'dc'] as const
const flow = ref<'ac' | 'dc' | ''>('')
const environment = ref<ShockEnvironment | ''>('')
const meterV = ref<number | undefined>()
const peakV = ref<number | undefined>()
const limits = computed(() =>
  flow.value === '' || environment.value === '' ? [] : openCircuitLimits({ current: flow.value, environment: environment.value }),
)
const open = computed(() =>
  flow.value === '' || environment.value === '' || (meterV.value === undefined && peakV.value === undefined)
    ? null
    : judgeOpenCircuit({
        current: flow.value,
        environment: environment.value,
        ...(meterV.value === undefined ? {} : { rmsV: meterV.value }),
        ...(peakV.value === undefined ? {} : { peakV: peakV.value }),
      }),
)

const readings = ref<Partial<Record<ElectricalTestId, number>>>({})
const classII = ref(false)
const cordM = ref<number | undefined>()
const tested = computed(() =>
  Object.keys(readings.value).length === 0
    ? null
    : judgeElectricalTest({
        ...readings.value,
        classII: classII.value,
        ...(cordM.value === undefined ? {} : { supplyCordLengthM: cordM.value }),
      }),
)
const setReading = (id: ElectricalTestId, value: number | undefined) => {
  const { [id]: _gone, ...rest } = readings.value
  readings.value = value === undefined ? rest : { ...rest, [id]: value }
}
</script>

<template>
  <FrameTabs :label="says.electricalSums" :ids="SUMS" :named="id => says.tabs[id]">
    <template #duty>
      <FrameSum :title="says.howLongMayTheArc">
        <div class="columns">
          <FrameNumber v-model="ratedA" :label="says.plateRatedAt" :unit="plainUnit('A')" :limits="AMPS" />
          <FrameNumber v-model="ratedDuty" :label="says.plateDuty" :unit="plainUnit('%')" :limits="{ min: 1, max: 100 }" />
          <FrameNumber v-model="currentA" :label="says.setTo" :unit="plainUnit('A', 5)" :limits="AMPS" />
        </div>
        <template v-if="duty" #answer>
          <p class="big print">
            {{ down(duty.minutesInTen, 0.1) }} min <small>{{ says.ofTen }}</small>
          </p>
          <p>{{ says.thenMinOfRestDuty(up(duty.restMinutesInTen, 0.1), Math.floor(duty.dutyPercent)) }}</p>
          <CylinderFindings :findings="duty.findings" />
        </template>
      </FrameSum>
    </template>
    <template #cable>
      <FrameSum :title="says.doesTheCableBearIt">
        <div class="columns">
          <FrameNumber v-model="currentA" :label="says.current" :unit="plainUnit('A', 5)" :limits="AMPS" />
          <FrameNumber v-model="lengthM" :label="says.leadAndReturnTogether" :unit="shop.height" :limits="{ min: 0.5, max: 500 }" />
          <FrameNumber v-model="areaMm2" :label="says.crossSection" :unit="plainUnit('mm²')" :limits="{ min: 1, max: 500 }" />
          <FrameNumber
            v-model="arcPercent"
            :label="says.duty"
            :unit="plainUnit('%')"
            :limits="{ min: 1, max: 100 }"
            optional
            :hint="says.notGivenItCountsAs"
          />
        </div>
        <template v-if="cable" #answer>
          <p class="big print">
            {{ up(cable.dropV, 0.1) }} V <small>{{ says.lostWOfHeat(Math.ceil(cable.powerLossW)) }}</small>
          </p>
          <p v-if="cable.allowedA">
            {{ says.itBears(q.current(Math.floor(cable.allowedA))) }}
          </p>
          <CylinderFindings :findings="cable.findings" />
        </template>
      </FrameSum>
    </template>
    <template #open>
      <FrameSum :title="says.openCircuitVoltage">
        <div class="columns">
          <FrameSelect
            v-model="flow"
            :label="says.kind"
            :ids="KINDS"
            :named="id => id === 'ac' ? says.alternating : says.direct"
            :none="says.choose"
          />
          <FrameSelect
            v-model="environment"
            :label="says.whereItIsUsed"
            :ids="SHOCK_ENVIRONMENTS"
            :named="id => kitItemWords.environments[id]"
            :none="says.choose"
          />
          <FrameNumber v-model="meterV" :label="says.voltmeterRmsOrDirect" :unit="plainUnit('V')" :limits="{ min: 0, max: 500 }" optional />
          <FrameNumber v-model="peakV" :label="says.peak" :unit="plainUnit('V')" :limits="{ min: 0, max: 500 }" optional />
        </div>
        <p v-if="limits.length > 0" class="ruled answer">
          {{ says.limitHere }} <b
            v-for="limit in limits"
            :key="`${limit.kind} ${limit.limitV}`"
            class="print limit"
          >{{ limit.limitV }} V {{ kitItemWords.voltageKinds[limit.kind] }}</b>
        </p>
        <div v-if="open" aria-live="polite">
          <CylinderFindings :findings="open" />
          <p v-if="open.every(({ severity }) => severity === 'note')" class="said is-open">
            {{ says.withinTheLimitsForThat }}
          </p>
        </div>
      </FrameSum>
    </template>
    <template #test>
      <FrameSum :title="says.readingsOfThePeriodicTest">
        <div class="columns">
          <FrameNumber
            v-for="id in ELECTRICAL_TESTS"
            :key="id"
            :label="kitItemWords.electricalTests[id].name"
            :unit="plainUnit(kitItemWords.electricalTests[id].unit)"
            :limits="{ min: 0, max: 100000 }"
            optional
            :model-value="readings[id]"
            @update:model-value="setReading(id, $event)"
          />
          <FrameNumber v-model="cordM" :label="says.lengthOfTheSupplyCord" :unit="shop.height" :limits="{ min: 0, max: 200 }" optional />
        </div>
        <FrameKey :picked="classII" @click="classII = !classII">
          {{ says.doubleInsulationNoProtectiveConductor }}
        </FrameKey>
        <template v-if="tested" #answer>
          <p class="big" :class="tested.passes === false ? 'state-stop' : tested.passes ? 'state-open' : 'state-hold'">
            {{ tested.passes === false ? says.fails : tested.passes ? says.passes : says.notComplete }}
          </p>
          <CylinderFindings :findings="tested.findings" />
        </template>
      </FrameSum>
    </template>
  </FrameTabs>
</template>

<style scoped>
.answer { padding-top: var(--space-4); }
.limit { margin-right: var(--space-6); }
</style>
