<script setup lang="ts">
import { cylinderStream } from '#core/ids/streams'
import { acetylenePressureLimit } from '#core/cylinder/acetylene-pressure'
import { contentsOf, requalificationOf } from '#core/cylinder/cylinder-fact'
import type { CylinderCommands, CylinderMarks } from '#core/streams/cylinder/cylinder'
import { pressureRefusal } from '#core/cylinder/contents'
import { partsOf } from '#core/cylinder/gas'
import { gasNeed, classNeedM3 } from '#core/cylinder/gas-need'
import { connectingSteps, STEP_SOURCES } from '#core/cylinder/guided-steps'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import { cylinderWords } from '~/words/cylinder-words'
import { kitWords } from '~/words/kit-words'
import type { CylindersReading, PlaceReading } from '#shared/contract/readings'
import type { ConnectingStepId, DangerId, GasNeedId, JointId, ShuttingStepId } from '#core/ids/cylinder-ids'
import { DANGERS, SHUTTING_STEPS } from '#core/ids/cylinder-ids'
import { gasPages } from '~/words/gas'

const says = gasPages.cylinder

/** One cylinder: how it stands, what is left, what may be done with it, its marks and its whole life. */
const { places, others } = defineProps<{ places: readonly PlaceReading[], others: CylindersReading['cylinders'] }>()
const route = useRoute()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const q = useQuantities()
const units = useCylinderUnits()
const { day, time, until } = useDates()
const tagId = computed(() => String(route.params.tag).toLowerCase())
const { reading, asOf, problem, refresh } = useReading(
  'cylinders/{tag}',
  () => ({ tag: tagId.value }),
  streamId => among(cylinderStream(tagId.value), 'house-rules', 'notice/')(streamId),
)
useOpenedRow('cylinder', () => tagId.value, { reading, asOf, problem })
const { act, said, isRefused, busy } = useSenderTo(() => `cylinder/${tagId.value}`)
const cylinder = computed(() => reading.value?.cylinder ?? null)
const fact = computed(() => reading.value?.fact ?? null)
type Doing
  = | 'read'
    | 'connect'
    | 'joints'
    | 'pressure'
    | 'shut'
    | 'move'
    | 'tag-out'
    | 'release'
    | 'danger'
    | 'correct'
    | 'lying'
    | 'withdraw'
    | null
const doing = ref<Doing>(null)
const toggle = (what: Doing) => {
  doing.value = doing.value === what ? null : what
}
watch(tagId, () => {
  doing.value = null
})

async function does<Type extends keyof CylinderCommands>(type: Type, payload: CylinderCommands[Type]) {
  const was = doing.value
  const sent = await act(
    type,
    payload as never,
    type === 'cylinder.correct' || type === 'cylinder.release' || type === 'cylinder.connect' ? (reading.value?.version ?? null) : null,
  )
  if (!sent.ok) return
  // What was opened while the answer was on its way stays open.
  if (doing.value === was) doing.value = null
  await refresh()
}

const settling = computed(() => cylinder.value?.settlesAt ? until(cylinder.value.settlesAt) : null)
const worst = computed(() => fact.value?.findings.filter(({ severity }) => severity !== 'note') ?? [])
const bay = computed(() => cylinder.value?.standing?.in === 'bay' ? lookup.find(cylinder.value.standing.bayId) : undefined)
const where = computed(() => {
  const standing = cylinder.value?.standing
  if (cylinder.value?.isReturned) return says.backAtItsSupplier
  if (!standing) return says.nobodySaidWhere
  return standing.in === 'bay'
    ? says.bay(bay.value?.bay.label ?? standing.bayId)
    : (places.find(({ placeId }) => placeId === standing.placeId)?.place.name ?? standing.placeId)
})
const read = computed(() => cylinder.value && reading.value ? requalificationOf(cylinder.value, reading.value.today) : null)
const mayInspect = computed(() =>
  session.may('inspect', bay.value ? { bayId: bay.value.bay.bayId, areaId: bay.value.bay.areaId } : { bayId: null, areaId: null }),
)
const mayWork = computed(() =>
  session.may('work-gas', bay.value ? { bayId: bay.value.bay.bayId, areaId: bay.value.bay.areaId } : { bayId: null, areaId: null }),
)
const mayUse = computed(() => session.may('use-gas'))
const mayKeep = computed(() => session.may('keep-store'))
const isOut = computed(() => cylinder.value?.taggedOut !== null)

const byWeight = computed(() => cylinder.value !== null && pressureRefusal(cylinder.value.gas) !== null)
const gaugeKPa = ref<number | undefined>()
const temperatureC = ref<number | undefined>()
const grossKg = ref<number | undefined>()
const readable = computed<CylinderCommands['cylinder.read'] | null>(() =>
  byWeight.value
    ? grossKg.value === undefined
      ? null
      : { by: 'weight', grossKg: grossKg.value }
    : gaugeKPa.value === undefined || temperatureC.value === undefined
      ? null
      : { by: 'pressure', gaugePressureKPa: gaugeKPa.value, temperatureC: temperatureC.value },
)
const lacks = computed(() =>
  byWeight.value
    ? cylinder.value?.tareKg === undefined
      ? says.itsTareIsNotWritten
      : ''
    : cylinder.value?.waterVolumeL === undefined
      ? says.itsWaterVolumeIsNot
      : '',
)

/** What the job at its bay draws from it. */
const need = computed(() => {
  const job = bay.value?.station.job
  if (!job || !cylinder.value) return null
  const parts = partsOf(cylinder.value.gas).map(({ gas }) => gas)
  const kind: GasNeedId
    = PROCESS_TRAITS[job.process].heat !== 'flame'
      ? job.process === 'pac'
        ? 'cutting'
        : 'shielding'
      : parts.includes('oxygen')
        ? 'oxygen'
        : 'fuel'
  const fuel = parts.find(gas => gas !== 'oxygen') ?? 'acetylene'
  const hour = facts.rules.shopDayHour
  return {
    job: gasNeed(job, kind, fuel, hour),
    classM3: classNeedM3(bay.value!.station.earlierJobs, job, kind, fuel, hour, judged.standing.now),
  }
})
const contents = computed(
  () => cylinder.value && contentsOf(cylinder.value, need.value?.job ? (need.value.job.flowM3PerH * 1000) / 60 : undefined),
)
const enough = computed(() => {
  const left = fact.value?.left?.lowM3
  if (left === undefined || !need.value) return []
  const lines: readonly (readonly [string, number | null])[] = [
    [says.thisJob, need.value.job?.jobM3 ?? null],
    [says.todaysClass, need.value.classM3],
  ]
  return lines.map(([name, m3]) => ({ name, m3, isEnough: m3 === null ? null : left >= m3 }))
})

const bayId = ref('')
const steps = ref<readonly ConnectingStepId[]>([])
const asked = computed(() => cylinder.value ? connectingSteps(cylinder.value.gas) : [])
const shutting = ref<readonly ShuttingStepId[]>([])
const deliveryKPa = ref<number | undefined>()
const isAcetylene = computed(() => cylinder.value !== null && partsOf(cylinder.value.gas).some(({ gas }) => gas === 'acetylene'))
const limitKPa = computed(() => acetylenePressureLimit(facts.rules.jurisdiction).limitKPa)
const spot = ref<CylinderCommands['cylinder.place'] | null>(null)
const marks = ref<CylinderMarks | null>(null)
const words_ = ref('')
const lyingMin = ref<number | undefined>()
const minutes = { unit: 'min', step: 5, toShown: (si: number) => si, fromShown: (shown: number) => shown }
const tested = (joints: Partial<Record<JointId, boolean>>) => does('cylinder.test-joints', { joints })
const danger = (id: DangerId) => does('cylinder.report-danger', { danger: id })
const self = computed(() => cylinder.value && fact.value ? { cylinder: cylinder.value, fact: fact.value } : null)
/** What is known of it besides its stamps, in one line. */
const marksSaid = computed(() => {
  if (!cylinder.value) return ''
  const { owner, fullM3, waterVolumeL, tareKg, filledOn } = cylinder.value
  return [
    cylinderWords.owners[owner],
    fullM3 ? says.full(q.value.gas(fullM3)) : '',
    waterVolumeL ? says.lOfWater(waterVolumeL) : '',
    tareKg ? says.tare(q.value.mass(tareKg)) : '',
    filledOn ? says.filled(day(filledOn)) : '',
  ].filter(Boolean).join(' · ')
})
</script>

<template>
  <div v-if="problem && !reading" class="said" role="alert">
    {{ problem }} <NuxtLink class="key" to="/gas">
      {{ says.backToTheStore }}
    </NuxtLink>
  </div>
  <p v-else-if="!cylinder || !fact || !read" class="soft" role="status">
    {{ says.reading(tagId.toUpperCase()) }}
  </p>
  <article v-else class="cylinder">
    <header>
      <h2>{{ cylinder.tag }} <small>{{ gasWords(cylinder.gas) }}</small></h2>
      <NuxtLink class="key quiet link" to="/gas">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ where }}{{ cylinder.isConnected ? says.connected : '' }}{{ cylinder.stance ? `, ${[cylinder.stance.isUpright ? says.upright : says.notUpright, cylinder.stance.isSecured ? says.chained : says.notChained, cylinder.stance.isCapped ? says.capOn : says.capOff].join(', ')}` : '' }}
    </p>
    <CylinderDanger v-if="cylinder.danger" :danger="cylinder.danger.danger" :gas="cylinder.gas" :tag="cylinder.tag" />
    <p v-if="settling" class="said">
      <b
        class="clock print"
      >{{ says.more(settling) }}</b> {{ says.itLayDownItsSolvent(time(cylinder.settlesAt!)) }}
    </p>
    <ul v-if="worst.length > 0" class="worst">
      <li v-for="(one, index) in worst" :key="index" class="said" :class="{ 'is-stop': one.severity === 'stop' }">
        {{ lookup.say(one).message }} <b>{{ lookup.say(one).todo }}</b>
      </li>
    </ul>
    <section class="left" aria-labelledby="left-head">
      <h3 id="left-head">
        {{ says.whatIsLeft }}
      </h3>
      <CylinderContents v-if="contents" :answer="contents" :by-weight="byWeight" />
      <p v-else class="soft">
        {{ lacks || (byWeight ? says.notWeighedYet : says.notReadYet) }}
      </p>
      <CylinderTemper v-if="fact.left && fact.fullM3" :left="fact.left.lowM3" :full="fact.fullM3" :need="need?.job?.jobM3" />
      <p v-for="{ name, m3, isEnough } in enough" :key="name">
        {{ name }}: <b v-if="isEnough === null" class="state-to-do">{{ says.nobodySaidHowMuchFlows }}</b><template v-else>
          <b :class="isEnough ? 'state-open' : 'state-hold'">{{ isEnough ? says.enough : says.notEnough }}</b>{{ says.itTakes(q.gas(m3!)) }}
        </template>
      </p>
    </section>

    <div class="keys" role="group" :aria-label="says.whatToDo">
      <FrameKey
        v-if="mayWork && !cylinder.isReturned"
        :look="!fact.left ? 'go' : 'plain'"
        :aria-expanded="doing === 'read'"
        @click="toggle('read')"
      >
        {{ byWeight ? says.weigh : says.readGauge }}
      </FrameKey>
      <template v-if="cylinder.isConnected">
        <FrameKey
          v-if="mayWork"
          :look="!fact.leakTest || fact.leakTest.missing.length > 0 ? 'go' : 'plain'"
          :aria-expanded="doing === 'joints'"
          @click="toggle('joints')"
        >
          {{ says.leakTest }}
        </FrameKey>
        <FrameKey v-if="mayWork" :aria-expanded="doing === 'pressure'" @click="toggle('pressure')">
          {{ says.workingPressure }}
        </FrameKey>
        <FrameKey v-if="mayWork" :aria-expanded="doing === 'shut'" @click="toggle('shut')">
          {{ says.shutDown }}
        </FrameKey>
        <FrameKey v-if="mayUse" :disabled="busy" @click="does('cylinder.disconnect', { isCapped: true })">
          {{ says.regulatorOffCapOn }}
        </FrameKey>
      </template>
      <template v-else-if="!cylinder.isReturned">
        <FrameKey
          v-if="mayUse && !isOut && !cylinder.isEmpty"
          :disabled="settling !== null"
          :aria-expanded="doing === 'connect'"
          @click="toggle('connect')"
        >
          {{ says.connect }}
        </FrameKey>
        <FrameKey v-if="mayUse" :aria-expanded="doing === 'move'" @click="toggle('move')">
          {{ says.move }}
        </FrameKey>
        <FrameKey v-if="mayUse" :aria-expanded="doing === 'lying'" @click="toggle('lying')">
          {{ says.itLayDown }}
        </FrameKey>
      </template>
      <FrameKey
        v-if="mayWork && !cylinder.isEmpty && !cylinder.isReturned"
        :disabled="busy"
        @click="does('cylinder.note-empty', {})"
      >
        {{ says.itIsEmpty }}
      </FrameKey>
      <FrameKey v-if="isOut" :aria-expanded="doing === 'release'" @click="toggle('release')">
        {{ says.release }}
      </FrameKey>
      <FrameKey
        v-else-if="mayInspect && !cylinder.isReturned"
        :aria-expanded="doing === 'tag-out'"
        @click="toggle('tag-out')"
      >
        {{ says.tagOut }}
      </FrameKey>
      <FrameAsk
        v-if="mayKeep && !cylinder.isConnected && !cylinder.isReturned"
        :asks="says.returnedItIsGone"
        :does="says.backToTheSupplier"
        :busy="busy"
        @done="does('cylinder.return', {})"
      >
        {{ says.backToTheSupplier }}
      </FrameAsk>
      <FrameKey v-if="!cylinder.isReturned" look="stop" :aria-expanded="doing === 'danger'" @click="toggle('danger')">
        {{ says.leakFireHeat }}
      </FrameKey>
    </div>
    <!-- Below the keys: an answer that comes in never moves a key from under the finger. -->
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>

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
      <CylinderSpot v-model="spot" :places="places" :others="others" :self="self" />
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
      @send="doing === 'release' ? does('cylinder.release', { repair: words_ }) : does('cylinder.tag-out', { reason: words_ })"
    >
      <FrameText
        v-model="words_"
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
      <CylinderMarksForm v-model="marks" :known="cylinder" :today="reading!.today" />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.writeItDown }}
      </FrameKey>
    </FrameForm>

    <section class="marks">
      <h3>{{ says.itsMarks }}</h3>
      <CylinderTestDates v-if="cylinder.stamps" :read="read" />
      <p v-else class="soft">
        {{ says.nobodyReadItsShoulderYet }}
      </p>
      <p class="soft">
        {{ marksSaid }}
      </p>
      <FrameKey v-if="mayKeep" :aria-expanded="doing === 'correct'" @click="toggle('correct')">
        {{ says.writeItsMarksAnew }}
      </FrameKey>
      <FrameKey
        v-if="session.isCompetent('cylinder') && !cylinder.isConnected"
        look="quiet"
        :aria-expanded="doing === 'withdraw'"
        @click="toggle('withdraw')"
      >
        {{ says.thisTagWasTypedBy }}
      </FrameKey>
      <FrameForm
        v-if="doing === 'withdraw'"
        class="doing"
        @send="does('cylinder.withdraw-tag', { reason: words_.trim() })"
      >
        <FrameText v-model="words_" :label="says.whatWasTypedAndWhat" :hint="says.whatComesUnderThisTag" maxlength="500" is-needed />
        <FrameKey look="go" type="submit" :disabled="busy">
          {{ says.takeTheTagBack }}
        </FrameKey>
      </FrameForm>
    </section>
    <LogLife :life="reading!.life" :notices="reading!.notices" />
  </article>
</template>

<style scoped>
.cylinder { display: grid; gap: 10px; }
header { display: flex; align-items: center; justify-content: space-between; margin-bottom: -8px; }
h2 { font-size: var(--type-figure); }
h2 small { font-size: var(--type-lead); font-weight: 600; color: var(--soft); letter-spacing: 0; }
h3 { font-size: var(--type-lead); }
.link { display: grid; place-items: center; }
.left, .marks { border-top: var(--line-rule) solid var(--ink); padding-top: 8px; display: grid; gap: 6px; }
.worst { display: grid; gap: 6px; }
.said { background: var(--bg); }
.clock { font-size: var(--type-figure); font-weight: 900; margin-right: 8px; }
.doing { border: var(--line-heavy) solid var(--ink); background: var(--bg); padding: 14px; display: grid; gap: 10px; }
.marks .key { justify-self: start; }
</style>
