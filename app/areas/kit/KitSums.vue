<script setup lang="ts">
import { weldingCable } from '#core/electrical/cable'
import { dutyCycleAt } from '#core/electrical/duty-cycle'
import { judgeElectricalTest } from '#core/electrical/electrical-test'
import { judgeOpenCircuit, openCircuitLimits } from '#core/electrical/open-circuit'
import { kitItemWords } from '~/words/kit-item-words'
import type { ElectricalTestId, ShockEnvironment } from '#core/ids/electrical-ids'
import { ELECTRICAL_TESTS, SHOCK_ENVIRONMENTS } from '#core/ids/electrical-ids'
import { kitPages } from '~/words/kit'

const says = kitPages.sums
const SUMS = ['duty', 'cable', 'open', 'test'] as const

/** The electrical sums: duty, cable, open-circuit voltage, and the readings of a periodic test judged. */
const q = useQuantities()
const shop = useShopUnits()
const plain = (unit: string, step = 1) => ({ unit, step, toShown: (si: number) => si, fromShown: (shown: number) => shown })
const AMPS = { min: 1, max: 3000 }
const ratedA = ref<number | undefined>()
const ratedDuty = ref<number | undefined>()
const currentA = ref<number | undefined>()
const duty = computed(() =>
  ratedA.value === undefined || ratedDuty.value === undefined || currentA.value === undefined
    ? null
    : dutyCycleAt({ ratedCurrentA: ratedA.value, ratedDutyPercent: ratedDuty.value, currentA: currentA.value }),
)
const down = (value: number) => Math.floor(value * 10) / 10

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
      <section aria-labelledby="sum-duty">
        <h2 id="sum-duty">
          {{ says.howLongMayTheArc }}
        </h2>
        <div class="columns">
          <FrameNumber v-model="ratedA" :label="says.plateRatedAt" :unit="plain('A')" :limits="AMPS" />
          <FrameNumber v-model="ratedDuty" :label="says.plateDuty" :unit="plain('%')" :limits="{ min: 1, max: 100 }" />
          <FrameNumber v-model="currentA" :label="says.setTo" :unit="plain('A', 5)" :limits="AMPS" />
        </div>
        <div v-if="duty" class="ruled answer" aria-live="polite">
          <p class="big print">
            {{ down(duty.minutesInTen) }} min <small>{{ says.ofTen }}</small>
          </p>
          <p>{{ says.thenMinOfRestDuty(Math.ceil(duty.restMinutesInTen * 10 - 1e-9) / 10, Math.floor(duty.dutyPercent)) }}</p>
          <CylinderFindings :findings="duty.findings" />
        </div>
      </section>
    </template>
    <template #cable>
      <section aria-labelledby="sum-cable">
        <h2 id="sum-cable">
          {{ says.doesTheCableBearIt }}
        </h2>
        <div class="columns">
          <FrameNumber v-model="currentA" :label="says.current" :unit="plain('A', 5)" :limits="AMPS" />
          <FrameNumber v-model="lengthM" :label="says.leadAndReturnTogether" :unit="shop.height" :limits="{ min: 0.5, max: 500 }" />
          <FrameNumber v-model="areaMm2" :label="says.crossSection" :unit="plain('mm²')" :limits="{ min: 1, max: 500 }" />
          <FrameNumber
            v-model="arcPercent"
            :label="says.duty"
            :unit="plain('%')"
            :limits="{ min: 1, max: 100 }"
            optional
            :hint="says.notGivenItCountsAs"
          />
        </div>
        <div v-if="cable" class="ruled answer" aria-live="polite">
          <p class="big print">
            {{ Math.ceil(cable.dropV * 10 - 1e-9) / 10 }} V <small>{{ says.lostWOfHeat(Math.ceil(cable.powerLossW)) }}</small>
          </p>
          <p v-if="cable.allowedA">
            {{ says.itBears(q.current(Math.floor(cable.allowedA))) }}
          </p>
          <CylinderFindings :findings="cable.findings" />
        </div>
      </section>
    </template>
    <template #open>
      <section aria-labelledby="sum-open">
        <h2 id="sum-open">
          {{ says.openCircuitVoltage }}
        </h2>
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
          <FrameNumber v-model="meterV" :label="says.voltmeterRmsOrDirect" :unit="plain('V')" :limits="{ min: 0, max: 500 }" optional />
          <FrameNumber v-model="peakV" :label="says.peak" :unit="plain('V')" :limits="{ min: 0, max: 500 }" optional />
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
      </section>
    </template>
    <template #test>
      <section aria-labelledby="sum-test">
        <h2 id="sum-test">
          {{ says.readingsOfThePeriodicTest }}
        </h2>
        <div class="columns">
          <FrameNumber
            v-for="id in ELECTRICAL_TESTS"
            :key="id"
            :label="kitItemWords.electricalTests[id].name"
            :unit="plain(kitItemWords.electricalTests[id].unit)"
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
        <div v-if="tested" class="ruled answer" aria-live="polite">
          <p class="big" :class="tested.passes === false ? 'state-stop' : tested.passes ? 'state-open' : 'state-hold'">
            {{ tested.passes === false ? says.fails : tested.passes ? says.passes : says.notComplete }}
          </p>
          <CylinderFindings :findings="tested.findings" />
        </div>
      </section>
    </template>
  </FrameTabs>
</template>

<style scoped>
section { display: grid; gap: var(--space-4); }
.answer { padding-top: var(--space-4); }
.big { font-size: var(--type-figure); font-weight: 850; line-height: 1.1; }
.big small { font-size: var(--type-lead); font-weight: 650; }
.limit { margin-right: var(--space-6); }
</style>
