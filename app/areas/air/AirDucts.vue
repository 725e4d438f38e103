<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import type { Hall } from '#core/streams/site/site'
import { stands } from '#core/time/instant'
import { drawnHoods } from '#core/ventilation/hall-ducts'
import type { HallDucts } from '#core/ventilation/hall-ducts'
import { mayBeOpenAtOnce } from '#core/ventilation/most-open'
import { neededFlowM3PerS } from '#core/ventilation/needed-flow'
import type { Placed } from '~/stores/judged'
import { airPages } from '~/words/air'

const says = airPages.ducts

/** The ducts that the bays of a hall share: what each hood draws now, and what it would with other dampers open. */
const { hall, ducts, bays } = defineProps<{ hall: Hall, ducts: HallDucts | null, bays: readonly Placed[] }>()
const facts = useFacts()
const session = useSession()
const judged = useJudged()
const q = useQuantities()
const { send, refused, busy } = useSender()
const isTold = ref(false)

const extractionOf = (bayId: string) => facts.reading?.air.halls[hall.hallId]?.bays[bayId]?.extraction ?? null
const seenShut = computed(() => new Set(bays.flatMap(({ bay, station: { extractionCheck: check } }) =>
  check && stands(check.validUntil, judged.standing.now) && !check.damperOpen ? [bay.bayId] : [])))
/** Dampers turned here to see what comes of it; nothing is told by that. */
const turned = ref<ReadonlySet<string>>(new Set())
const isShut = (bayId: string): boolean => seenShut.value.has(bayId) !== turned.value.has(bayId)
function turn(bayId: string) {
  const next = new Set(turned.value)
  if (!next.delete(bayId)) next.add(bayId)
  turned.value = next
}

interface Row {
  readonly bayId: string
  readonly label: string
  readonly isWorkedAt: boolean
  readonly isShut: boolean
  readonly foundM3PerS: number
  readonly drawsM3PerS: number | null
  /** What it must draw to bend the fume from where it stands; null where that is not how it works, or nobody works there. */
  readonly needsM3PerS: number | null
}
const hoods = computed(() => (ducts?.hoods ?? []).map(({ bayId }) => ({
  bayId,
  flowM3PerS: extractionOf(bayId)?.flowM3PerS ?? 0,
  isMakers: extractionOf(bayId)?.flowFrom === 'maker',
  isSeenShut: isShut(bayId),
})))
const rows = computed<readonly Row[]>(() => {
  if (!ducts) return []
  const drawn = drawnHoods(ducts, hoods.value)
  return ducts.hoods.map(({ bayId }): Row => {
    const placed = bays.find(({ bay }) => bay.bayId === bayId)
    const { window, hood } = placed?.verdict.air.prediction ?? {}
    const draught = facts.reading?.air.halls[hall.hallId]?.air?.airSpeedMPerS
    return {
      bayId,
      label: placed?.bay.label ?? bayId,
      isWorkedAt: Boolean(placed?.station.job),
      isShut: isShut(bayId),
      foundM3PerS: extractionOf(bayId)?.flowM3PerS ?? 0,
      drawsM3PerS: isShut(bayId) ? 0 : drawn.get(bayId)?.flowM3PerS ?? null,
      needsM3PerS: window && hood && draught !== undefined ? neededFlowM3PerS(hood, window.velocityAtArcMPerS, draught) : null,
    }
  })
})
const most = computed(() => Math.max(...rows.value.flatMap(({ foundM3PerS, drawsM3PerS }) => [foundM3PerS, drawsM3PerS ?? 0]), 1e-9))
const part = (flow: number): string => `${flow / most.value * 100}%`
const isTooLittle = ({ drawsM3PerS, needsM3PerS }: Row): boolean =>
  drawsM3PerS === null || (needsM3PerS !== null && drawsM3PerS < needsM3PerS)
const besides = ({ foundM3PerS, needsM3PerS, isWorkedAt }: Row): string => [
  says.found(q.value.airFlow(foundM3PerS)),
  needsM3PerS === null ? '' : says.needs(q.value.airFlow(needsM3PerS)),
  isWorkedAt ? '' : says.nobodyWorks,
].join('')
const worked = computed(() => rows.value.filter(({ isWorkedAt }) => isWorkedAt))
const enough = computed(() => worked.value.filter(row => !row.isShut && !isTooLittle(row)).length)
const atOnce = computed(() => {
  const needed = new Map(rows.value.flatMap(({ bayId, needsM3PerS }) => needsM3PerS === null ? [] : [[bayId, needsM3PerS] as const]))
  return ducts && mayBeOpenAtOnce(ducts, hoods.value, needed)
})
const mayTell = computed(() => session.may('door-checks'))
/** Shut here, not worked at, and nobody told it yet. */
const toTell = computed(() => bays.filter(({ bay, station }) =>
  ducts?.hoods.some(({ bayId }) => bayId === bay.bayId) && !station.job && isShut(bay.bayId) && !seenShut.value.has(bay.bayId)))
async function tellShut() {
  for (const { bay } of toTell.value) {
    const on = { id: stationStream(bay.bayId), expectedVersion: null }
    const sent = await send('station.check-extraction', on, { on: true, damperOpen: false, inPosition: true, draws: true })
    if (!sent.ok) return
    turn(bay.bayId)
  }
}
</script>

<template>
  <section class="ducts" :aria-label="says.ducts">
    <header class="head">
      <h3>{{ says.ducts }}</h3>
      <FrameKey look="quiet" :aria-expanded="isTold" @click="isTold = !isTold">
        {{ isTold ? says.leaveIt : ducts ? says.change : says.tellThem }}
      </FrameKey>
    </header>
    <p class="soft">
      {{ ducts ? says.asTheyStand : says.eachItsOwn }}
    </p>
    <LazyAirDuctsForm v-if="isTold" :hall="hall" :ducts="ducts" :bays="bays" @done="isTold = false" />
    <template v-else-if="rows.length > 0">
      <p class="sum" role="status">
        {{ says.drawEnough(enough, worked.length) }} {{ atOnce ? says.atOnce(atOnce.most, atOnce.of) : '' }}
      </p>
      <ul>
        <li v-for="row in rows" :key="row.bayId" class="row" :class="{ little: isTooLittle(row) && !row.isShut }">
          <b class="no">{{ row.label }}</b>
          <FrameKey
            :picked="!row.isShut"
            :aria-label="says.damperOf(row.label, row.isShut ? says.shut : says.open)"
            @click="turn(row.bayId)"
          >
            {{ row.isShut ? says.shut : says.open }}
          </FrameKey>
          <span class="flow">
            <span class="bar" aria-hidden="true">
              <i :style="{ width: part(row.drawsM3PerS ?? 0) }" />
              <u v-if="row.needsM3PerS !== null && row.needsM3PerS <= most" :style="{ left: part(row.needsM3PerS) }" />
            </span>
            <span>{{ row.drawsM3PerS === null ? says.notKnown : q.airFlow(row.drawsM3PerS) }}
              <span class="soft">{{ besides(row) }}</span>
            </span>
          </span>
        </li>
      </ul>
      <div v-if="mayTell && toTell.length > 0" class="tell">
        <p>{{ says.tryingTellsNothing }}</p>
        <FrameKey :disabled="busy" @click="tellShut">
          {{ says.seenShut(toTell.length, toTell.map(({ bay }) => bay.label).join(', ')) }}
        </FrameKey>
      </div>
      <FrameRefused :says="refused" />
    </template>
  </section>
</template>

<style scoped>
.ducts { display: grid; gap: var(--space-4); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.head { display: flex; justify-content: space-between; align-items: center; gap: var(--space-4); }
.sum { font-weight: 800; }
.row {
  display: grid; grid-template-columns: 44px 120px minmax(0, 1fr); gap: var(--space-5); align-items: center;
  border-bottom: var(--line-thin) solid var(--rule); padding: var(--space-2) 0;
}
.no { font-size: var(--type-big); font-weight: 950; text-align: center; }
.flow { display: grid; gap: var(--space-1); font-size: var(--type-small); }
.bar { position: relative; display: block; height: 14px; border: var(--line-thin) solid var(--strong-rule); background: var(--bg); }
.bar i { display: block; height: 100%; background: var(--strong-rule); }
.bar u { position: absolute; top: -4px; bottom: -4px; border-left: var(--line-heavy) solid var(--ink); }
.little .bar i { background: repeating-linear-gradient(90deg, var(--ink) 0 6px, transparent 6px 10px); }
@media (max-width: 700px) {
  .row { grid-template-columns: 32px 88px minmax(0, 1fr); gap: var(--space-4); }
}
.tell { display: grid; gap: var(--space-3); justify-items: start; }
</style>
