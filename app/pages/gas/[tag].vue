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
import { cylinderWords } from '#shared/words/en/cylinder-words'
import { kitWords } from '#shared/words/en/kit-words'
import type { CylindersReading, PlaceReading } from '#shared/contract/readings'
import type { ConnectingStepId, DangerId, GasNeedId, JointId, ShuttingStepId } from '#core/ids/cylinder-ids'
import { DANGERS, SHUTTING_STEPS } from '#core/ids/cylinder-ids'

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
  if (cylinder.value?.isReturned) return 'back at its supplier'
  if (!standing) return 'nobody said where'
  return standing.in === 'bay'
    ? `bay ${bay.value?.bay.label ?? standing.bayId}`
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
      ? 'Its tare is not written down: without it the weight says nothing.'
      : ''
    : cylinder.value?.waterVolumeL === undefined
      ? 'Its water volume is not written down: without it the gauge says nothing.'
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
    ['This job', need.value.job?.jobM3 ?? null],
    ['Today\'s class', need.value.classM3],
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
</script>

<template>
  <div v-if="problem && !reading" class="said" role="alert">
    {{ problem }} <NuxtLink class="key" to="/gas">
      Back to the store
    </NuxtLink>
  </div>
  <p v-else-if="!cylinder || !fact || !read" class="soft" role="status">
    Reading {{ tagId.toUpperCase() }} ...
  </p>
  <article v-else class="cylinder">
    <header>
      <h2>{{ cylinder.tag }} <small>{{ gasWords(cylinder.gas) }}</small></h2>
      <NuxtLink class="key quiet link" to="/gas">
        Close
      </NuxtLink>
    </header>
    <p class="soft">
      {{ where }}{{ cylinder.isConnected ? ', connected' : '' }}{{ cylinder.stance ? `, ${[cylinder.stance.isUpright ? 'upright' : 'not upright', cylinder.stance.isSecured ? 'chained' : 'not chained', cylinder.stance.isCapped ? 'cap on' : 'cap off'].join(', ')}` : '' }}
    </p>
    <CylinderDanger v-if="cylinder.danger" :danger="cylinder.danger.danger" :gas="cylinder.gas" :tag="cylinder.tag" />
    <p v-if="settling" class="said">
      <b
        class="clock print"
      >{{ settling }} more.</b> It lay down; its solvent settles until {{ time(cylinder.settlesAt!) }}. Opened before, acetone comes along.
    </p>
    <ul v-if="worst.length > 0" class="worst">
      <li v-for="(one, index) in worst" :key="index" class="said" :class="{ 'is-stop': one.severity === 'stop' }">
        {{ lookup.say(one).message }} <b>{{ lookup.say(one).todo }}</b>
      </li>
    </ul>
    <section class="left" aria-labelledby="left-head">
      <h3 id="left-head">
        What is left
      </h3>
      <CylinderContents v-if="contents" :answer="contents" :by-weight="byWeight" />
      <p v-else class="soft">
        {{ lacks || (byWeight ? 'Not weighed yet.' : 'Not read yet.') }}
      </p>
      <CylinderTemper v-if="fact.left && fact.fullM3" :left="fact.left.lowM3" :full="fact.fullM3" :need="need?.job?.jobM3" />
      <p v-for="{ name, m3, isEnough } in enough" :key="name">
        {{ name }}: <b v-if="isEnough === null" class="state-to-do">nobody said how much flows, or for how long</b><template v-else>
          <b :class="isEnough ? 'state-open' : 'state-hold'">{{ isEnough ? 'enough' : 'not enough' }}</b>, it takes {{ q.gas(m3!) }}
        </template>
      </p>
    </section>

    <div class="keys" role="group" aria-label="What to do">
      <FrameKey
        v-if="mayWork && !cylinder.isReturned"
        :look="!fact.left ? 'go' : 'plain'"
        :aria-expanded="doing === 'read'"
        @click="toggle('read')"
      >
        {{ byWeight ? 'Weigh' : 'Read gauge' }}
      </FrameKey>
      <template v-if="cylinder.isConnected">
        <FrameKey
          v-if="mayWork"
          :look="!fact.leakTest || fact.leakTest.missing.length > 0 ? 'go' : 'plain'"
          :aria-expanded="doing === 'joints'"
          @click="toggle('joints')"
        >
          Leak test
        </FrameKey>
        <FrameKey v-if="mayWork" :aria-expanded="doing === 'pressure'" @click="toggle('pressure')">
          Working pressure
        </FrameKey>
        <FrameKey v-if="mayWork" :aria-expanded="doing === 'shut'" @click="toggle('shut')">
          Shut down
        </FrameKey>
        <FrameKey v-if="mayUse" :disabled="busy" @click="does('cylinder.disconnect', { isCapped: true })">
          Regulator off, cap on
        </FrameKey>
      </template>
      <template v-else-if="!cylinder.isReturned">
        <FrameKey
          v-if="mayUse && !isOut && !cylinder.isEmpty"
          :disabled="settling !== null"
          :aria-expanded="doing === 'connect'"
          @click="toggle('connect')"
        >
          Connect
        </FrameKey>
        <FrameKey v-if="mayUse" :aria-expanded="doing === 'move'" @click="toggle('move')">
          Move
        </FrameKey>
        <FrameKey v-if="mayUse" :aria-expanded="doing === 'lying'" @click="toggle('lying')">
          It lay down
        </FrameKey>
      </template>
      <FrameKey
        v-if="mayWork && !cylinder.isEmpty && !cylinder.isReturned"
        :disabled="busy"
        @click="does('cylinder.note-empty', {})"
      >
        It is empty
      </FrameKey>
      <FrameKey v-if="isOut" :aria-expanded="doing === 'release'" @click="toggle('release')">
        Release
      </FrameKey>
      <FrameKey
        v-else-if="mayInspect && !cylinder.isReturned"
        :aria-expanded="doing === 'tag-out'"
        @click="toggle('tag-out')"
      >
        Tag out
      </FrameKey>
      <FrameKey
        v-if="mayKeep && !cylinder.isConnected && !cylinder.isReturned"
        :disabled="busy"
        @click="does('cylinder.return', {})"
      >
        Back to the supplier
      </FrameKey>
      <FrameKey v-if="!cylinder.isReturned" look="stop" :aria-expanded="doing === 'danger'" @click="toggle('danger')">
        Leak, fire, heat
      </FrameKey>
    </div>
    <!-- Below the keys: an answer that comes in never moves a key from under the finger. -->
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>

    <form v-if="doing === 'read'" class="doing" @submit.prevent="readable && does('cylinder.read', readable)">
      <p v-if="byWeight" class="soft">
        {{ lookup.say(pressureRefusal(cylinder.gas)!).message }}
      </p>
      <div class="columns">
        <FrameNumber
          v-if="byWeight"
          v-model="grossKg"
          label="Weighs, regulator and cap off"
          :unit="units.mass"
          :limits="{ min: 0, max: 5000 }"
        />
        <template v-else>
          <FrameNumber v-model="gaugeKPa" label="Gauge shows" :unit="units.pressure" :limits="{ min: 0, max: 40000 }" />
          <FrameNumber v-model="temperatureC" label="Temperature of it" :unit="units.temperature" :limits="{ min: -30, max: 65 }" />
        </template>
      </div>
      <p v-if="lacks" class="said">
        {{ lacks }}
      </p>
      <FrameKey look="go" type="submit" :disabled="!readable || busy">
        Write it down
      </FrameKey>
    </form>
    <section v-else-if="doing === 'connect'" class="doing" aria-label="Connect, step by step">
      <FrameSelect
        v-model="bayId"
        label="At bay"
        :ids="facts.site.bays.filter(one => !one.closed).map(one => one.bayId)"
        :named="id => facts.site.bays.find(one => one.bayId === id)!.label"
        none="choose"
      />
      <CylinderSteps v-model="steps" :steps="asked" :named="cylinderWords.connecting" :sources="STEP_SOURCES" />
      <FrameKey
        look="go"
        :disabled="bayId === '' || steps.length < asked.length || busy"
        @click="does('cylinder.connect', { bayId, steps: [...steps] })"
      >
        {{ steps.length < asked.length ? `${asked.length - steps.length} steps to go` : 'Connected; now the leak test' }}
      </FrameKey>
    </section>
    <section v-else-if="doing === 'joints'" class="doing" aria-label="Leak test">
      <CylinderJoints :gas="cylinder.gas" @tested="tested" />
    </section>
    <form
      v-else-if="doing === 'pressure'"
      class="doing"
      @submit.prevent="deliveryKPa !== undefined && does('cylinder.set-delivery', { gaugeKPa: deliveryKPa })"
    >
      <p v-if="isAcetylene">
        Never above <b class="print">{{ q.pressure(limitKPa) }}</b>: beyond it acetylene can burst by itself.
      </p>
      <FrameNumber v-model="deliveryKPa" label="Delivery gauge shows" :unit="units.pressure" :limits="{ min: 0, max: 3000 }" />
      <FrameKey look="go" type="submit" :disabled="deliveryKPa === undefined || busy">
        Write it down
      </FrameKey>
    </form>
    <section v-else-if="doing === 'shut'" class="doing" aria-label="Shut down, step by step">
      <CylinderSteps v-model="shutting" :steps="SHUTTING_STEPS" :named="cylinderWords.shutting" :sources="STEP_SOURCES" />
      <FrameKey
        look="go"
        :disabled="shutting.length < SHUTTING_STEPS.length || busy"
        @click="does('cylinder.shut-down', { steps: [...shutting] })"
      >
        Shut down
      </FrameKey>
    </section>
    <form v-else-if="doing === 'move'" class="doing" @submit.prevent="spot && does('cylinder.place', spot)">
      <CylinderSpot v-model="spot" :places="places" :others="others" :self="self" />
      <FrameKey look="go" type="submit" :disabled="!spot || busy">
        It stands there
      </FrameKey>
    </form>
    <form v-else-if="doing === 'lying'" class="doing" @submit.prevent="does('cylinder.note-lying', { lyingMin: lyingMin ?? null })">
      <FrameNumber
        v-model="lyingMin"
        label="It lay for"
        :unit="minutes"
        :limits="{ min: 0, max: 1000000 }"
        optional
        hint="Empty: nobody knows; it then stands a day."
      />
      <FrameKey look="go" type="submit" :disabled="busy">
        It stands upright now
      </FrameKey>
    </form>
    <form
      v-else-if="doing === 'tag-out' || doing === 'release'"
      class="doing"
      @submit.prevent="doing === 'release' ? does('cylinder.release', { repair: words_ }) : does('cylinder.tag-out', { reason: words_ })"
    >
      <FrameField v-slot="{ id }" :label="doing === 'release' ? 'What was repaired, and how it was tested' : 'What is wrong with it'">
        <UInput :id="id" v-model="words_" maxlength="500" />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="!words_.trim() || busy">
        {{ doing === 'release' ? 'Release it' : 'Tag it out' }}
      </FrameKey>
    </form>
    <section v-else-if="doing === 'danger'" class="doing" aria-label="What is it?">
      <p>One tap stops the bay, tags it out and says what to do.</p>
      <div class="keys">
        <FrameKey v-for="id in DANGERS" :key="id" look="stop" @click="danger(id)">
          {{ kitWords.dangers[id] }}
        </FrameKey>
      </div>
    </section>
    <form v-else-if="doing === 'correct'" class="doing" @submit.prevent="marks && does('cylinder.correct', marks)">
      <CylinderMarksForm v-model="marks" :known="cylinder" :today="reading!.today" />
      <FrameKey look="go" type="submit" :disabled="!marks || busy">
        Write it down
      </FrameKey>
    </form>

    <section class="marks">
      <h3>Its marks</h3>
      <CylinderTestDates v-if="cylinder.stamps" :read="read" />
      <p v-else class="soft">
        Nobody read its shoulder yet.
      </p>
      <p class="soft">
        {{ cylinderWords.owners[cylinder.owner] }}{{ cylinder.fullM3 ? ` · full ${q.gas(cylinder.fullM3)}` : '' }}{{ cylinder.waterVolumeL ? ` · ${cylinder.waterVolumeL} L of water` : '' }}{{ cylinder.tareKg ? ` · tare ${q.mass(cylinder.tareKg)}` : '' }}{{ cylinder.filledOn ? ` · filled ${day(cylinder.filledOn)}` : '' }}
      </p>
      <FrameKey v-if="mayKeep" :aria-expanded="doing === 'correct'" @click="toggle('correct')">
        Write its marks anew
      </FrameKey>
      <FrameKey
        v-if="session.isCompetent('cylinder') && !cylinder.isConnected"
        look="quiet"
        :aria-expanded="doing === 'withdraw'"
        @click="toggle('withdraw')"
      >
        This tag was typed by mistake
      </FrameKey>
      <form
        v-if="doing === 'withdraw'"
        class="doing"
        @submit.prevent="words_.trim() && does('cylinder.withdraw-tag', { reason: words_.trim() })"
      >
        <FrameField
          v-slot="{ id }"
          label="What was typed, and what it should be"
          hint="What comes under this tag next is another cylinder; this life stays on record."
        >
          <UInput :id="id" v-model="words_" maxlength="500" />
        </FrameField>
        <FrameKey look="go" type="submit" :disabled="!words_.trim() || busy">
          Take the tag back
        </FrameKey>
      </form>
    </section>
    <LogLife :life="reading!.life" :notices="reading!.notices" />
  </article>
</template>

<style scoped>
.cylinder { display: grid; gap: 10px; }
header { display: flex; align-items: center; justify-content: space-between; margin-bottom: -8px; }
h2 { font-size: 30px; }
h2 small { font-size: 18px; font-weight: 600; color: var(--soft); letter-spacing: 0; }
h3 { font-size: 18px; }
.link { display: grid; place-items: center; }
.left, .marks { border-top: 2px solid var(--ink); padding-top: 8px; display: grid; gap: 6px; }
.worst { display: grid; gap: 6px; }
.said { background: var(--bg); }
.clock { font-size: 30px; font-weight: 900; margin-right: 8px; }
.doing { border: 3px solid var(--ink); background: var(--bg); padding: 14px; display: grid; gap: 10px; }
.marks .key { justify-self: start; }
</style>
