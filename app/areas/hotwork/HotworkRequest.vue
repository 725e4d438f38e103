<script setup lang="ts">
import { nextTimeOfDay } from '#core/time/local-time'
import { REACH_LIMITS } from '#core/hotwork/spark-reach'
import type { PermitRequest } from '#core/streams/permit/permit'
import { JOB_LIMITS } from '#core/job/job'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import type { ProcessId } from '#core/ids/vocabulary'
import { PROCESSES } from '#core/ids/vocabulary'
import { hotworkWords } from '~/words/hotwork-words'
import { makeUuid } from '~/stores/outbox'
import type { ContentsId, SprinklerStateId, WorkpieceId } from '#core/ids/hotwork-ids'
import { CONTENTS, SPRINKLER_STATES, WORKPIECES } from '#core/ids/hotwork-ids'
import { permitStream } from '#core/ids/streams'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.request

/** A permit is asked for: one place, one job, one shift, named people. What follows from it is worked out as it is typed. */
const goOn = useGoOn()
const shopFacts = useFacts()
const lookup = useLookup()
const clock = useClock()
const units = useShopUnits()
const q = useQuantities()
const session = useSession()
const route = useRoute()

const permitId = makeUuid()
const { act, said, isRefused, busy } = useSenderTo(() => permitStream(permitId))
const bays = computed(() => shopFacts.site.bays.filter(({ kind, closed }) => kind === 'structure' && !closed))
const given = typeof route.query.bay === 'string' ? lookup.find(route.query.bay) : undefined
const bayId = ref(given?.bay.bayId ?? '')
const where = ref('')
const { reading: grid } = useReading('places', () => ({}), among('place/'))
const placeId = ref('')
const what = ref('')
const process = ref<ProcessId | ''>(given?.station.job?.process ?? '')
const heightM = ref<number>()
const windMPerS = ref<number>()
const workpiece = ref<WorkpieceId | ''>('')
const contents = ref<ContentsId | ''>('')
const sprinklers = ref<SprinklerStateId | ''>('')
const level = ref('')
const openLevels = ref('')
const hiddenParts = ref('')
const currentA = ref<number | undefined>(given?.station.job?.currentRangeA?.[1] ?? given?.station.job?.currentA)
/** Nobody has looked yet: neither yes nor no until somebody says so. */
type Said = 'yes' | 'no' | ''
const facts = reactive<
  Record<'cleaned' | 'confined' | 'otherSide' | 'hardFloor' | 'bulkCombustibles' | 'combustiblePanel' | 'metalFire', Said>
>({ cleaned: '', confined: '', otherSide: '', hardFloor: '', bulkCombustibles: '', combustiblePanel: '', metalFire: '' })
const saidOf = (fact: keyof typeof facts): boolean | undefined => facts[fact] === '' ? undefined : facts[fact] === 'yes'
const operatorIds = ref<readonly string[]>(given?.station.personId ? [given.station.personId] : [])
/** A field for a time of day wants it on the 24-hour clock, whatever the language. */
const clockTime = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: shopFacts.site.timeZone })
const fromTime = ref(clockTime.format(clock.nowMs.value))
const untilTime = ref(clockTime.format(clock.nowMs.value + 3 * 3600_000))
const askContents = computed(() => workpiece.value === 'container' || workpiece.value === 'pipe' || workpiece.value === 'duct')
const countOf = (text: string): number | undefined => /^\d{1,2}$/.test(text.trim()) ? Math.min(20, Number(text)) : undefined
const byCurrent = computed(() => process.value !== '' && PROCESS_TRAITS[process.value].byCurrent)

const asked = computed(() =>
  process.value === ''
    ? null
    : ({
        facts: {
          ...(level.value.trim() === '' ? {} : { level: Math.round(Number(level.value)) }),
          confined: saidOf('confined'),
          otherSide: saidOf('otherSide'),
          hardFloor: saidOf('hardFloor'),
          bulkCombustibles: saidOf('bulkCombustibles'),
          combustiblePanel: saidOf('combustiblePanel'),
          openLevels: countOf(openLevels.value),
          hiddenParts: countOf(hiddenParts.value),
        },
        job: {
          what: what.value.trim(),
          process: process.value,
          ...(byCurrent.value ? { currentA: currentA.value } : {}),
          heightM: heightM.value,
          workpiece: workpiece.value || undefined,
          ...(askContents.value ? { contents: contents.value || undefined, cleaned: saidOf('cleaned') } : {}),
          metalFire: saidOf('metalFire'),
        },
        conditions: { sprinklers: sprinklers.value || undefined, windMPerS: windMPerS.value },
      } satisfies Pick<PermitRequest, 'facts' | 'job' | 'conditions'>),
)
const planned = usePermitPlan(() => asked.value)
const blocking = computed(() =>
  lookup.sayAll(
    planned.value?.verdict.findings.filter(
      ({ severity, code }) => severity === 'stop' || (severity === 'hold' && code !== 'hotwork.gas-test-needed'),
    ) ?? [],
  ),
)
const cautions = computed(() =>
  lookup.sayAll(
    planned.value?.verdict.findings.filter(
      ({ severity, code }) => severity === 'caution' || code === 'hotwork.gas-test-needed' || code === 'spark.rule-binds',
    ) ?? [],
  ),
)
const times = computed(() => {
  const fromAt = nextTimeOfDay(fromTime.value || '00:00', clock.nowMs.value - 30 * 60_000, shopFacts.site.timeZone)
  return { fromAt, untilAt: nextTimeOfDay(untilTime.value || '00:00', Date.parse(fromAt) + 1, shopFacts.site.timeZone) }
})
const hours = computed(() => (Date.parse(times.value.untilAt) - Date.parse(times.value.fromAt)) / 3600_000)
const { whereabouts } = useWhereabouts()
const operators = computed(() => {
  const people = shopFacts.reading?.people ?? []
  return withPicked(operatorsToOffer(people, bayId.value || null, whereabouts.value), people, operatorIds.value)
})
const toggle = (personId: string) => {
  operatorIds.value = operatorIds.value.includes(personId)
    ? operatorIds.value.filter(id => id !== personId)
    : [...operatorIds.value, personId]
}
const FACTS = [
  { key: 'hardFloor', label: says.isTheFloorHardSo },
  { key: 'confined', label: says.isItAConfinedPlace },
  { key: 'otherSide', label: says.isSomethingBehindTheWall },
  { key: 'combustiblePanel', label: says.doesTheWallOrPanel },
  { key: 'bulkCombustibles', label: says.doesAStoreReadyTo },
  { key: 'metalFire', label: says.isMagnesiumOrTitaniumSwarf },
] as const
const placeName = computed(
  () =>
    where.value.trim()
    || (grid.value?.places.find(one => one.placeId === placeId.value)?.place.name
      ?? (bayId.value ? says.bay(bays.value.find(bay => bay.bayId === bayId.value)?.label ?? bayId.value) : '')),
)

const payload = computed<PermitRequest | null>(() => asked.value && {
  ...asked.value,
  place: { where: placeName.value, placeId: placeId.value || null, bayId: bayId.value || null },
  operatorIds: operatorIds.value,
  ...times.value,
})
/** What stands against it is said beside its key, once everything else is there. */
const lacks = computed(() => {
  const [first] = blocking.value
  if (first) return [first.message, first.todo].filter(Boolean).join(' ')
  return planned.value === null ? says.itIsStillWorkedOut : ''
})
async function request() {
  if (payload.value !== null && (await act('permit.request', payload.value)).ok) await goOn(`/hot-work/${permitId}`)
}
</script>

<template>
  <FrameForm class="request" of="permit.request" :payload="payload" :lacks="lacks" :busy="busy" @send="request">
    <header>
      <h2>{{ says.askForAPermit }}</h2>
      <NuxtLink class="key quiet link" to="/hot-work">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="first">
      {{ says.canItBeDoneCold }}
    </p>
    <h3>{{ says.where }}</h3>
    <FrameText
      v-model="where"
      :label="says.placeAsPeopleCallIt"
      maxlength="120"
      :placeholder="says.lockGate3UpstreamLeaf"
      :is-needed="bayId === '' && placeId === ''"
      name="place.where"
    />
    <div class="columns">
      <FrameSelect
        v-model="bayId"
        :label="says.spotOnAStructure"
        :ids="bays.map(bay => bay.bayId)"
        :named="id => says.bay(bays.find(bay => bay.bayId === id)?.label ?? id)"
        :none="says.noneOfThem"
      />
      <FrameSelect
        v-model="placeId"
        :label="says.onTheSitesGrid"
        :ids="grid?.places.map(one => one.placeId) ?? []"
        :named="id => grid?.places.find(one => one.placeId === id)?.place.name ?? id"
        :none="says.notOnIt"
        :hint="says.aPlaceOffTheGrid"
      />
    </div>
    <h3>{{ says.what }}</h3>
    <FrameText v-model="what" :label="says.theJob" maxlength="200" :placeholder="says.cutTheHeelPostStrap" is-needed name="job.what" />
    <div class="columns">
      <FrameSelect
        v-model="process"
        :label="says.process"
        :ids="PROCESSES"
        :named="id => words.processes[id]"
        :none="says.choose"
        is-needed
      />
      <FrameSelect
        v-model="workpiece"
        :label="says.whatIsWorkedOn"
        :ids="WORKPIECES"
        :named="id => hotworkWords.workpieces[id]"
        :none="says.choose"
      />
      <FrameSelect
        v-if="askContents"
        v-model="contents"
        :label="says.whatItHeld"
        :ids="CONTENTS"
        :named="id => hotworkWords.contents[id]"
        :none="says.choose"
        :hint="says.unknownCountsAsFlammable"
      />
      <fieldset v-if="askContents" class="ask">
        <legend>{{ says.emptiedCleanedIsolatedAndVented }}</legend>
        <FrameKey
          v-for="answer in (['yes', 'no'] as const)"
          :key="answer"
          :picked="facts.cleaned === answer"
          @click="facts.cleaned = facts.cleaned === answer ? '' : answer"
        >
          {{ answer === 'yes' ? says.yes : says.no }}
        </FrameKey>
      </fieldset>
      <FrameNumber
        v-if="byCurrent"
        v-model="currentA"
        :label="says.highestCurrent"
        :unit="{ unit: 'A', step: 5, toShown: a => a, fromShown: a => a }"
        :limits="JOB_LIMITS.currentA"
        :hint="says.thePermitIsForNo"
      />
      <FrameNumber v-model="heightM" :label="says.heightOverTheFloorBelow" :unit="units.height" :limits="REACH_LIMITS.heightM" />
      <FrameNumber v-model="windMPerS" :label="says.strongestWindOrDraught" :unit="units.speed" :limits="REACH_LIMITS.windMPerS" />
    </div>
    <h3>{{ says.aroundIt }}</h3>
    <div class="columns">
      <FrameSelect
        v-model="sprinklers"
        :label="says.sprinklers"
        :ids="SPRINKLER_STATES"
        :named="id => hotworkWords.sprinklers[id]"
        :none="says.nobodyLookedYet"
      />
      <FrameText v-model="level" :label="says.storey0IsTheGround" inputmode="numeric" maxlength="3" />
      <FrameText v-model="openLevels" :label="says.levelsBelowThatSparksReach" inputmode="numeric" maxlength="2" />
      <FrameText v-model="hiddenParts" :label="says.partsOneWatcherCannotSee" inputmode="numeric" maxlength="2" />
    </div>
    <div class="ticks">
      <fieldset v-for="{ key, label } in FACTS" :key="key" class="ask">
        <legend>{{ label }}</legend>
        <FrameKey
          v-for="answer in (['yes', 'no'] as const)"
          :key="answer"
          :picked="facts[key] === answer"
          @click="facts[key] = facts[key] === answer ? '' : answer"
        >
          {{ answer === 'yes' ? says.yes : says.no }}
        </FrameKey>
      </fieldset>
    </div>
    <h3>{{ says.whoAndWhen }}</h3>
    <FrameField v-slot="{ labelledBy }" is-group :label="says.whoDoesTheWork" :lacks="operatorIds.length === 0 ? says.nameAtLeastOne : ''">
      <div class="names" role="group" :aria-labelledby="labelledBy">
        <FrameKey
          v-for="{ personId, name } in operators"
          :key="personId"
          :picked="operatorIds.includes(personId)"
          @click="toggle(personId)"
        >
          {{ name }}{{ personId === session.person?.personId ? says.you : '' }}
        </FrameKey>
      </div>
    </FrameField>
    <div class="columns">
      <FrameTime v-model="fromTime" :label="says.from" is-needed />
      <FrameTime
        v-model="untilTime"
        is-needed
        :label="says.until"
        :wrong="hours > shopFacts.rules.longestPermitHours ? says.atMostHOneShift(shopFacts.rules.longestPermitHours) : ''"
      />
    </div>
    <section v-if="planned" class="follows" aria-live="polite">
      <h3>{{ says.whatFollows }}</h3>
      <p v-for="{ message, todo } in blocking" :key="message" class="said is-stop">
        {{ message }} <b>{{ todo }}</b>
      </p>
      <template v-if="blocking.length === 0">
        <div class="figures">
          <p><b class="print">{{ q.distance(planned.plan.radiusM) }}</b>{{ says.toKeepClear }}</p>
          <p><b class="print">{{ planned.plan.watchers }}</b>{{ says.onWatch }}</p>
          <p><b class="print">{{ planned.plan.afterMin }} min</b>{{ says.ofWatchAfter }}</p>
          <p><b class="print">{{ planned.plan.precautions.length }}</b>{{ says.precautions }}</p>
        </div>
        <p v-if="planned.verdict.reach?.reachM" class="soft">
          {{ says.hotDropsHalfLandWithin(
            q.distance(planned.verdict.reach.reachM.p50),
            q.distance(planned.verdict.reach.reachM.p99),
            q.distance(planned.verdict.reach.reachM.max),
            q.distance(planned.verdict.reach.publishedRadiusM),
          ) }}
        </p>
        <p v-for="{ message, todo } in cautions" :key="message" class="said">
          {{ message }} <b>{{ todo }}</b>
        </p>
      </template>
    </section>
    <p v-for="text in said" :key="text" class="said" :class="{ 'is-stop': isRefused }" role="alert">
      {{ text }}
    </p>
    <div class="send">
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.askForIt }}
      </FrameKey>
    </div>
    <p class="soft">
      {{ says.zonarisAdvisesLocalCodeAnd }}
    </p>
  </FrameForm>
</template>

<style scoped>
.request { display: grid; gap: var(--space-3); }
header { display: flex; align-items: center; }
.link { margin-left: auto; display: grid; place-items: center; }
.first { font-weight: 700; border-left: 8px solid var(--hold); padding: var(--space-3) var(--space-6); background: var(--bg); }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); margin-top: var(--space-3); }
.ask {
  display: flex; flex-wrap: wrap; align-items: center; gap: var(--space-3) var(--space-4); border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-3) 0;
}
.ask legend { float: left; flex: 1 1 180px; margin: 0 auto 0 0; font-weight: 650; }
.ask .key { min-width: 72px; }
.ticks { display: grid; grid-template-columns: repeat(auto-fit, minmax(220px, 1fr)); gap: 0 var(--space-7); }
.names { display: flex; flex-wrap: wrap; gap: var(--space-4); }
legend { font-weight: 750; margin-bottom: var(--space-3); }
.figures { display: grid; grid-template-columns: repeat(auto-fit, minmax(100px, 1fr)); gap: var(--space-4); padding: var(--space-3) 0; }
.figures p { color: var(--soft); font-size: var(--type-small); }
.figures b { display: block; font-size: var(--type-figure); font-weight: 900; line-height: 1.1; color: var(--ink); }
.follows { display: grid; gap: var(--space-3); }
.follows .said { background: var(--bg); }
.send { position: sticky; bottom: -24px; padding: var(--space-4) 0 var(--space-9); background: var(--panel); }
@media (max-width: 900px) { .send { bottom: 0; padding-bottom: var(--space-4); } }
.send .key { width: 100%; }
</style>
