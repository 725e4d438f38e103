<script setup lang="ts">
import { weldingCable } from '#core/electrical/cable'
import { dutyCycleAt } from '#core/electrical/duty-cycle'
import { judgeElectricalTest } from '#core/electrical/electrical-test'
import { judgeOpenCircuit, openCircuitLimits } from '#core/electrical/open-circuit'
import { kitItemWords } from '#shared/words/en/kit-item-words'
import type { ElectricalTestId, ShockEnvironment } from '#core/ids/electrical-ids'
import { ELECTRICAL_TESTS, SHOCK_ENVIRONMENTS } from '#core/ids/electrical-ids'

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
  <div class="sums">
    <section aria-labelledby="sum-duty">
      <h2 id="sum-duty">
        How long may the arc burn?
      </h2>
      <div class="columns">
        <FrameNumber v-model="ratedA" label="Plate: rated at" :unit="plain('A')" :limits="AMPS" />
        <FrameNumber v-model="ratedDuty" label="Plate: duty" :unit="plain('%')" :limits="{ min: 1, max: 100 }" />
        <FrameNumber v-model="currentA" label="Set to" :unit="plain('A', 5)" :limits="AMPS" />
      </div>
      <div v-if="duty" class="ruled answer" aria-live="polite">
        <p class="big print">
          {{ down(duty.minutesInTen) }} min <small>of ten</small>
        </p>
        <p>then {{ Math.ceil(duty.restMinutesInTen * 10 - 1e-9) / 10 }} min of rest. Duty {{ Math.floor(duty.dutyPercent) }} %.</p>
        <CylinderFindings :findings="duty.findings" />
      </div>
    </section>
    <section aria-labelledby="sum-cable">
      <h2 id="sum-cable">
        Does the cable bear it?
      </h2>
      <div class="columns">
        <FrameNumber v-model="currentA" label="Current" :unit="plain('A', 5)" :limits="AMPS" />
        <FrameNumber v-model="lengthM" label="Lead and return together" :unit="shop.height" :limits="{ min: 0.5, max: 500 }" />
        <FrameNumber v-model="areaMm2" label="Cross-section" :unit="plain('mm²')" :limits="{ min: 1, max: 500 }" />
        <FrameNumber
          v-model="arcPercent"
          label="Duty"
          :unit="plain('%')"
          :limits="{ min: 1, max: 100 }"
          optional
          hint="Not given: it counts as burning all the time."
        />
      </div>
      <div v-if="cable" class="ruled answer" aria-live="polite">
        <p class="big print">
          {{ Math.ceil(cable.dropV * 10 - 1e-9) / 10 }} V <small>lost, {{ Math.ceil(cable.powerLossW) }} W of heat</small>
        </p>
        <p v-if="cable.allowedA">
          It bears {{ q.current(Math.floor(cable.allowedA)) }}.
        </p>
        <CylinderFindings :findings="cable.findings" />
      </div>
    </section>
    <section aria-labelledby="sum-open">
      <h2 id="sum-open">
        Open-circuit voltage
      </h2>
      <div class="columns">
        <FrameSelect v-model="flow" label="Kind" :ids="KINDS" :named="id => id === 'ac' ? 'alternating' : 'direct'" none="choose" />
        <FrameSelect
          v-model="environment"
          label="Where it is used"
          :ids="SHOCK_ENVIRONMENTS"
          :named="id => kitItemWords.environments[id]"
          none="choose"
        />
        <FrameNumber v-model="meterV" label="Voltmeter, rms or direct" :unit="plain('V')" :limits="{ min: 0, max: 500 }" optional />
        <FrameNumber v-model="peakV" label="Peak" :unit="plain('V')" :limits="{ min: 0, max: 500 }" optional />
      </div>
      <p v-if="limits.length > 0" class="ruled answer">
        Limit here: <b
          v-for="limit in limits"
          :key="`${limit.kind} ${limit.limitV}`"
          class="print limit"
        >{{ limit.limitV }} V {{ kitItemWords.voltageKinds[limit.kind] }}</b>
      </p>
      <div v-if="open" aria-live="polite">
        <CylinderFindings :findings="open" />
        <p v-if="open.every(({ severity }) => severity === 'note')" class="said is-open">
          Within the limits for that place.
        </p>
      </div>
    </section>
    <section aria-labelledby="sum-test">
      <h2 id="sum-test">
        Readings of the periodic test
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
        <FrameNumber v-model="cordM" label="Length of the supply cord" :unit="shop.height" :limits="{ min: 0, max: 200 }" optional />
      </div>
      <FrameKey :picked="classII" @click="classII = !classII">
        Double insulation, no protective conductor
      </FrameKey>
      <div v-if="tested" class="ruled answer" aria-live="polite">
        <p class="big" :class="tested.passes === false ? 'state-stop' : tested.passes ? 'state-open' : 'state-hold'">
          {{ tested.passes === false ? 'Fails' : tested.passes ? 'Passes' : 'Not complete' }}
        </p>
        <CylinderFindings :findings="tested.findings" />
      </div>
    </section>
  </div>
</template>

<style scoped>
.sums { display: grid; gap: 28px; }
section { display: grid; gap: 8px; }
.answer { padding-top: 8px; }
.big { font-size: 34px; font-weight: 850; line-height: 1.1; }
.big small { font-size: 18px; font-weight: 650; }
.limit { margin-right: 12px; }
</style>
