<script setup lang="ts">
import { hallIdOf } from '#core/air/air-facts'
import { withoutHead } from '#core/job/job'
import { jobPattern } from '#core/job/job-pattern'
import { CLASS_LIMITS } from '#core/placing/class-question'
import { stationStream } from '#core/ids/streams'
import { shopDayAt } from '#core/streams/scene'
import type { TableColumnOf } from '~/frame/table'
import { plainUnit } from '~/frame/useShopUnits'
import { openingPages } from '~/words/opening'

const says = openingPages.plan

/** A class over its hours: who welds where in which part of them, so that nobody exceeds and everybody gets arc time. */
const facts = useFacts()
const judged = useJudged()
const session = useSession()
const q = useQuantities()
const { send, refused: refusedToPlace, busy: placing } = useSender()

const people = computed(() => facts.reading?.people ?? [])
const groups = computed(() => [...new Set(people.value.flatMap(({ group }) => group ?? []))].sort())
const halls = computed(() => facts.site.halls.filter(({ hallId }) => inHall(hallId).length > 0))
const inHall = (hallId: string) => judged.placed.filter(({ bay, station }) => station.job && hallIdOf(facts.site, bay.bayId) === hallId)

const kept = useClassPlan()
kept.openFor(session.person?.personId ?? '')
const { group, hallId, startsAt, endsAt, periods, wantedArcMin, leftOut, answer, answered, placed } = storeToRefs(kept)
watchEffect(() => {
  if (hallId.value === '' && halls.value.length > 0) hallId.value = halls.value[0]!.hallId
})
const bays = computed(() => inHall(hallId.value))
function toggle(bayId: string) {
  const next = new Set(leftOut.value)
  if (!next.delete(bayId)) next.add(bayId)
  leftOut.value = next
}
const minutes = plainUnit('min', 5)
const count = plainUnit('', 1)
/** What a plan is of: the day, what is asked, and the work of the bays; not the times for which it was set. */
const isOf = computed(() => JSON.stringify([
  shopDayAt(judged.standing, judged.standing.now),
  asked.value,
  bays.value.map(({ station }) => jobPattern(withoutHead(station.job!))),
]))
const asked = computed(() => ({
  hallId: hallId.value,
  bayIds: bays.value.map(({ bay }) => bay.bayId).filter(id => !leftOut.value.has(id)),
  personIds: people.value.filter(one => one.group === group.value).map(({ personId }) => personId),
  startsAt: startsAt.value,
  endsAt: endsAt.value,
  periods: periods.value!,
  wantedArcMin: wantedArcMin.value!,
}))

const isPlanning = ref(false)
const problem = ref<string | null>(null)
let asking: AbortController | null = null
/** Ends waiting for it; what comes of it then is nobody's. */
function leave() {
  asking?.abort()
  isPlanning.value = false
}
onBeforeUnmount(leave)
async function plan() {
  leave()
  const mine = asking = new AbortController()
  const key = isOf.value
  isPlanning.value = true
  problem.value = null
  answer.value = null
  placed.value = null
  const reply = await sendTo('classes/plan', asked.value, { signal: mine.signal })
  if (mine.signal.aborted) return
  isPlanning.value = false
  if (reply.ok) {
    answer.value = reply.body
    answered.value = key
  } else problem.value = wordsOf(reply)
}
const isOfThis = computed(() => answered.value === isOf.value)
const nameOf = (personId: string) => facts.names.get(personId) ?? personId
const labelOf = (bayId: string) => judged.placed.find(({ bay }) => bay.bayId === bayId)?.bay.label ?? bayId

interface Row {
  readonly personId: string
  readonly name: string
  /** Their bay in each part; empty where they look on. */
  readonly at: readonly string[]
  readonly arcMin: number
  readonly fraction: number
}
const rows = computed<readonly Row[]>(() => answer.value?.people.map(({ personId, arcMin, fraction }) => ({
  personId, arcMin, fraction,
  name: nameOf(personId),
  at: answer.value!.periods.map((_, period) => {
    const there = answer.value!.placings.find(one => one.personId === personId && one.period === period)
    return there ? labelOf(there.bayId) : ''
  }),
})) ?? [])
const columns = computed<readonly TableColumnOf<Row>[]>(() => [
  { id: 'name', header: says.who, said: ({ name }) => name, look: 'named', by: true },
  ...answer.value?.periods.map((period, at): TableColumnOf<Row> => ({
    id: `period-${at}`,
    header: says.fromTo(period.startsAt, period.endsAt),
    said: row => row.at[at] === '' ? says.looksOn : says.bay(row.at[at]!),
  })) ?? [],
  { id: 'arc', header: says.arc, said: ({ arcMin }) => q.value.minutes(Math.floor(arcMin + 1e-6)), by: ({ arcMin }) => arcMin },
  { id: 'limit', header: says.ofTheLimit, said: ({ fraction }) => q.value.part(fraction), by: ({ fraction }) => fraction, look: 'print' },
])

/** The class goes to its bays for a part of its hours: each job runs for that part, and whoever is not named steps back. */
async function place(period: number) {
  if (!answer.value || !isOfThis.value) return
  placed.value = null
  const { startsAt: from, endsAt: to } = answer.value.periods[period]!
  const now = new Map(answer.value.placings.filter(one => one.period === period).map(one => [one.bayId, one.personId]))
  for (const { bay, station, version } of bays.value.filter(one => now.has(one.bay.bayId))) {
    const on = { id: stationStream(bay.bayId), expectedVersion: version }
    // Whoever stays goes on with the same work: it begins when it began.
    const isGoingOn = station.personId === now.get(bay.bayId) && station.job!.endsAt === from
    const times = { startsAt: isGoingOn ? station.job!.startsAt : from, endsAt: to }
    const sent = await send('station.set-job', on, { job: { ...withoutHead(station.job!), ...times } })
    if (!sent.ok) return
  }
  const all = bays.value.filter(({ bay, station }) => !leftOut.value.has(bay.bayId) && (now.has(bay.bayId) || station.personId !== null))
  const sent = await send(
    'station.place-people',
    all.map(({ bay }) => ({ id: stationStream(bay.bayId), expectedVersion: null })),
    { people: Object.fromEntries(all.map(({ bay }) => [bay.bayId, now.get(bay.bayId) ?? null])) },
  )
  if (sent.ok) placed.value = period
}
</script>

<template>
  <main class="page">
    <h1>{{ says.planAClass }}</h1>
    <p class="lead">
      {{ says.whatItDoes }}
    </p>
    <p v-if="!session.may('door-checks')" class="said">
      {{ openingPages.page.instructorOpens }}
    </p>
    <template v-else>
      <FrameForm class="asks" of="classes/plan" :payload="asked" :busy="isPlanning" @send="plan">
        <FrameSelect v-model="group" :label="says.theClass" :ids="groups" :named="id => id" is-needed name="personIds" />
        <FrameSelect
          v-model="hallId"
          :label="says.hall"
          :ids="halls.map(one => one.hallId)"
          :named="id => halls.find(one => one.hallId === id)?.name ?? id"
          is-needed
          name="hallId"
        />
        <FrameTime v-model="startsAt" :label="says.from" is-needed name="startsAt" />
        <FrameTime v-model="endsAt" :label="says.until" is-needed name="endsAt" />
        <FrameNumber
          v-model="periods"
          :label="says.inParts"
          :unit="count"
          :limits="{ min: 1, max: CLASS_LIMITS.periods }"
          :hint="says.changeOver"
          name="periods"
        />
        <FrameNumber
          v-model="wantedArcMin"
          :label="says.arcForEach"
          :unit="minutes"
          :limits="{ min: 0.5, max: 600 }"
          :hint="says.burningArc"
          name="wantedArcMin"
        />
        <div v-if="bays.length > 0" class="bays" role="group" :aria-label="says.itsBays">
          <FrameKey v-for="{ bay, station } in bays" :key="bay.bayId" :picked="!leftOut.has(bay.bayId)" @click="toggle(bay.bayId)">
            {{ bay.label }} <small>{{ jobLine(station.job!, q) }}</small>
          </FrameKey>
        </div>
        <div class="keys">
          <FrameKey look="go" type="submit" :disabled="isPlanning">
            {{ says.planIt }}
          </FrameKey>
        </div>
      </FrameForm>
      <FrameProgress v-if="isPlanning" :label="says.planning" :share="null" @cancel="leave" />
      <FrameRefused :says="problem" />
      <section v-if="answer" class="plan" :aria-label="says.thePlan">
        <h2>{{ says.thePlan }}</h2>
        <p v-if="!isOfThis" class="said">
          {{ says.changedSince }}
        </p>
        <ul class="findings">
          <li v-for="({ severity, message, todo }, at) in answer.findings" :key="at" :class="severity === 'hold' ? 'state-hold' : ''">
            {{ message }} <span class="soft">{{ todo }}</span>
          </li>
        </ul>
        <FrameTable
          v-if="answer.placings.length > 0"
          :columns="columns"
          :rows="rows"
          :name="says.whoGoesWhere"
          :key-of="({ personId }) => personId"
          is-figures
        />
        <template v-if="answer.placings.length > 0">
          <p class="soft">
            {{ says.gatesJudge }}
          </p>
          <div class="keys">
            <FrameKey v-for="(period, at) in answer.periods" :key="at" :disabled="placing || !isOfThis" @click="place(at)">
              {{ says.placeFor(period.startsAt, period.endsAt) }}
            </FrameKey>
          </div>
          <p role="status">
            {{ placed === null ? '' : says.stands(answer.periods[placed]!.startsAt) }}
          </p>
          <FrameRefused :says="refusedToPlace" />
        </template>
      </section>
    </template>
  </main>
</template>

<style scoped>
.asks {
  display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 220px), 1fr)); gap: var(--space-4) var(--space-6);
  align-items: start;
}
.bays, .asks > .keys { grid-column: 1 / -1; }
.bays, .keys { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.plan {
  display: grid; gap: var(--space-4); margin-top: var(--space-6); border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
.findings { display: grid; gap: var(--space-2); font-weight: 750; }
.findings .soft { font-weight: 500; }
</style>
