<script setup lang="ts">
import { acetylenePressureLimit } from '#core/cylinder/acetylene-pressure'
import { pressureRefusal } from '#core/cylinder/contents'
import { partsOf } from '#core/cylinder/gas'
import { connectingSteps, STEP_SOURCES } from '#core/cylinder/guided-steps'
import type { ConnectingStepId, DangerId, JointId, ShuttingStepId } from '#core/ids/cylinder-ids'
import { DANGERS, SHUTTING_STEPS } from '#core/ids/cylinder-ids'
import type { CylinderCommands, CylinderMarks } from '#core/streams/cylinder/cylinder'
import type { CylinderPageReading, CylindersReading, PlaceReading } from '#shared/contract/readings'
import { cylinderWords } from '~/words/cylinder-words'
import { gasPages } from '~/words/gas'
import { kitWords } from '~/words/kit-words'
import type { CylinderDoing, DoCylinder } from './cylinderDoing'

const says = gasPages.cylinder

/** What is done with one cylinder, each in its own form; what was typed stays while another is opened. */
const { cylinder, fact, today, places, others, byWeight, lacks, doing, busy, does } = defineProps<{
  cylinder: CylinderPageReading['cylinder']
  fact: CylinderPageReading['fact']
  today: string
  places: readonly PlaceReading[]
  others: CylindersReading['cylinders']
  byWeight: boolean
  lacks: string
  doing: CylinderDoing
  busy: boolean
  does: DoCylinder
}>()
const facts = useFacts()
const lookup = useLookup()
const q = useQuantities()
const units = useCylinderUnits()
const gaugeKPa = ref<number | undefined>()
const temperatureC = ref<number | undefined>()
const grossKg = ref<number | undefined>()
const readable = computed<CylinderCommands['cylinder.read'] | null>(() =>
  byWeight
    ? grossKg.value === undefined
      ? null
      : { by: 'weight', grossKg: grossKg.value }
    : gaugeKPa.value === undefined || temperatureC.value === undefined
      ? null
      : { by: 'pressure', gaugePressureKPa: gaugeKPa.value, temperatureC: temperatureC.value },
)
const bayId = ref('')
const steps = ref<readonly ConnectingStepId[]>([])
const asked = computed(() => connectingSteps(cylinder.gas))
const shutting = ref<readonly ShuttingStepId[]>([])
const deliveryKPa = ref<number | undefined>()
const isAcetylene = computed(() => partsOf(cylinder.gas).some(({ gas }) => gas === 'acetylene'))
const limitKPa = computed(() => acetylenePressureLimit(facts.rules.jurisdiction).limitKPa)
const spot = ref<CylinderCommands['cylinder.place'] | null>(null)
const marks = ref<CylinderMarks | null>(null)
const reason = ref('')
const lyingMin = ref<number | undefined>()
const minutes = { unit: 'min', step: 5, toShown: (si: number) => si, fromShown: (shown: number) => shown }
const tested = (joints: Partial<Record<JointId, boolean>>) => does('cylinder.test-joints', { joints })
const danger = (id: DangerId) => does('cylinder.report-danger', { danger: id })
</script>

<template>
  <FrameForm v-if="doing === 'read'" class="doing" @send="readable && does('cylinder.read', readable)">
    <p v-if="byWeight" class="soft">
      {{ lookup.say(pressureRefusal(cylinder.gas)!).message }}
    </p>
    <div class="columns">
      <FrameNumber
        v-if="byWeight"
        v-model="grossKg"
        :label="says.weighsRegulatorAndCapOff"
        :unit="units.mass"
        :limits="{ min: 0, max: 5000 }"
      />
      <template v-else>
        <FrameNumber v-model="gaugeKPa" :label="says.gaugeShows" :unit="units.pressure" :limits="{ min: 0, max: 40000 }" />
        <FrameNumber v-model="temperatureC" :label="says.temperatureOfIt" :unit="units.temperature" :limits="{ min: -30, max: 65 }" />
      </template>
    </div>
    <p v-if="lacks" class="said">
      {{ lacks }}
    </p>
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.writeItDown }}
    </FrameKey>
  </FrameForm>
  <section v-else-if="doing === 'connect'" class="doing" :aria-label="says.connectStepByStep">
    <FrameSelect
      v-model="bayId"
      :label="says.atBay"
      :ids="facts.site.bays.filter(one => !one.closed).map(one => one.bayId)"
      :named="id => facts.site.bays.find(one => one.bayId === id)!.label"
      :none="says.choose"
    />
    <CylinderSteps v-model="steps" :steps="asked" :named="cylinderWords.connecting" :sources="STEP_SOURCES" />
    <FrameKey
      look="go"
      :disabled="bayId === '' || steps.length < asked.length || busy"
      @click="does('cylinder.connect', { bayId, steps: [...steps] })"
    >
      {{ steps.length < asked.length ? says.stepsToGo(asked.length - steps.length) : says.connectedNowTheLeakTest }}
    </FrameKey>
  </section>
  <section v-else-if="doing === 'joints'" class="doing" :aria-label="says.leakTest">
    <CylinderJoints :gas="cylinder.gas" @tested="tested" />
  </section>
  <FrameForm
    v-else-if="doing === 'pressure'"
    class="doing"
    @send="deliveryKPa !== undefined && does('cylinder.set-delivery', { gaugeKPa: deliveryKPa })"
  >
    <p v-if="isAcetylene">
      {{ says.neverAbove }} <b class="print">{{ q.pressure(limitKPa) }}</b>{{ says.beyondItAcetyleneCanBurst }}
    </p>
    <FrameNumber v-model="deliveryKPa" :label="says.deliveryGaugeShows" :unit="units.pressure" :limits="{ min: 0, max: 3000 }" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.writeItDown }}
    </FrameKey>
  </FrameForm>
  <section v-else-if="doing === 'shut'" class="doing" :aria-label="says.shutDownStepByStep">
    <CylinderSteps v-model="shutting" :steps="SHUTTING_STEPS" :named="cylinderWords.shutting" :sources="STEP_SOURCES" />
    <FrameKey
      look="go"
      :disabled="shutting.length < SHUTTING_STEPS.length || busy"
      @click="does('cylinder.shut-down', { steps: [...shutting] })"
    >
      {{ says.shutDown }}
    </FrameKey>
  </section>
  <FrameForm v-else-if="doing === 'move'" class="doing" @send="spot && does('cylinder.place', spot)">
    <CylinderSpot v-model="spot" :places="places" :others="others" :self="{ cylinder, fact }" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.itStandsThere }}
    </FrameKey>
  </FrameForm>
  <FrameForm v-else-if="doing === 'lying'" class="doing" @send="does('cylinder.note-lying', { lyingMin: lyingMin ?? null })">
    <FrameNumber
      v-model="lyingMin"
      :label="says.itLayFor"
      :unit="minutes"
      :limits="{ min: 0, max: 1000000 }"
      optional
      :hint="says.emptyNobodyKnowsItThen"
    />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.itStandsUprightNow }}
    </FrameKey>
  </FrameForm>
  <FrameForm
    v-else-if="doing === 'tag-out' || doing === 'release'"
    class="doing"
    @send="doing === 'release' ? does('cylinder.release', { repair: reason }) : does('cylinder.tag-out', { reason: reason })"
  >
    <FrameText
      v-model="reason"
      :label="doing === 'release' ? says.whatWasRepairedAndHow : says.whatIsWrongWithIt"
      maxlength="500"
      is-needed
    />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ doing === 'release' ? says.releaseIt : says.tagItOut }}
    </FrameKey>
  </FrameForm>
  <section v-else-if="doing === 'danger'" class="doing" :aria-label="says.whatIsIt">
    <p>{{ says.oneTapStopsTheBay }}</p>
    <div class="keys">
      <FrameKey v-for="id in DANGERS" :key="id" look="stop" @click="danger(id)">
        {{ kitWords.dangers[id] }}
      </FrameKey>
    </div>
  </section>
  <FrameForm v-else-if="doing === 'correct'" class="doing" @send="marks && does('cylinder.correct', marks)">
    <CylinderMarksForm v-model="marks" :known="cylinder" :today="today" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.writeItDown }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.doing { border: var(--line-heavy) solid var(--ink); background: var(--bg); padding: var(--space-6); display: grid; gap: var(--space-5); }
</style>
