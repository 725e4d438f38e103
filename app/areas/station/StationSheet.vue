<script setup lang="ts">
import { helpingNow } from '#core/job/helping'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import { stationStream } from '#core/ids/streams'
import { factsSince } from '#core/clearance/fact-age'
import type { GateId } from '#core/ids/vocabulary'
import { GATES } from '#core/ids/vocabulary'
import type { Placed } from '~/stores/judged'
import { useNextHold } from './useNextHold'
import { stationPages } from '~/words/station'
import { vStill } from '~/frame/still'

const says = stationPages.sheet

/** One bay opened: its job, its shade, its gates, and the one thing to do next. */
const { placed } = defineProps<{ placed: Placed }>()
const session = useSession()
const judged = useJudged()
const lookup = useLookup()
const route = useRoute()
const place = computed(() => ({ bayId: placed.bay.bayId, areaId: placed.bay.areaId }))
const panel = computed(() => typeof route.query.do === 'string' ? route.query.do : null)
const because = computed(() => GATES.find(gate => panel.value === `because-${gate}`) ?? null)
// Straight to the router: Nuxt's own helper drops what is asked while a navigation is still on its way, and with it a quick key.
const router = useRouter()
const go = (what: string | null) => router.push({ path: route.path, query: what ? { do: what } : {} })

const maySet = computed(() => session.may('set-jobs', place.value))
/** A laser is answered by its cell, not by a shade. */
const isLaser = computed(() => placed.station.job !== null && PROCESS_TRAITS[placed.station.job.process].heat === 'laser')
const mayCheck = computed(() => session.may('door-checks', place.value))

/** Where a gate is worked at, or else explained. */
function panelFor(gate: GateId): string {
  if (gate === 'job' && maySet.value) return 'job'
  if ((gate === 'eyes' || gate === 'body' || gate === 'air') && mayCheck.value && placed.station.job) return gate
  if (gate === 'fire') return gate
  if ((gate === 'gas' || gate === 'machine') && placed.station.job && placed.verdict.byId[gate].state !== 'not-needed') return gate
  return `because-${gate}`
}
const first = computed(
  () =>
    placed.verdict.gates.find(({ gate, state }) => (state === 'hold' || state === 'to-do' || state === 'stop') && panelFor(gate) === gate)
      ?.gate ?? null,
)
/** The gate that is worked at, where it is one. */
const worked = computed(() => GATES.find(gate => gate === panel.value) ?? null)
const outbox = useOutbox()
const isOnTheWay = useOnTheWay()
const { settled, next, close } = useNextHold({
  gates: () => placed.verdict.gates,
  panel: () => worked.value,
  isWorkedAt: gate => panelFor(gate) === gate,
  accepted: () => outbox.acceptedHere,
  isLeaving: isOnTheWay,
  go,
})

const since = computed(() => factsSince(placed.station, judged.viewAt(placed.bay)))
const q = useQuantities()
const best = useBestAdvice(() => placed.bay.bayId)
const { act } = useSenderTo(() => stationStream(placed.bay.bayId))
const mayHandOver = computed(() => session.may('hand-over', place.value))
const leftOpen = computed(() => Object.values(placed.station.handover?.answers ?? {}).filter(answer => !answer).length)
const { moment } = useDates()
const handedAt = computed(() =>
  placed.station.handover
    ? `${lookup.names.get(placed.station.handover.by) ?? says.somebody}, ${moment(placed.station.handover.at)}${placed.station.handover.note ? `. ${placed.station.handover.note}` : ''}`
    : '',
)
/** Who helps at the arc stands beside whoever strikes it. */
const helping = computed(() => {
  const names = helpingNow(placed.station.helpers, judged.standing.now).map(({ personId }) => lookup.names.get(personId) ?? personId)
  return names.length > 0 ? says.helpedBy(names.join(', ')) : ''
})
const stopHere = () => act('station.stop', {})

const onKey = (event: KeyboardEvent) => {
  const typing = ['INPUT', 'TEXTAREA', 'SELECT'].includes((event.target as HTMLElement).tagName)
  if (typing || event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === 'b') void go(because.value ? null : `because-${placed.verdict.firstClosed ?? 'eyes'}`)
  else if (event.key === 'Escape') void (panel.value ? go(null) : router.push('/'))
}
onMounted(() => document.addEventListener('keydown', onKey))
onUnmounted(() => document.removeEventListener('keydown', onKey))
</script>

<template>
  <!-- It has gone on to the next hold by itself: its keys lie where those of the last one lay. -->
  <div v-still="settled && `${settled} ${panel}`" class="sheet">
    <header class="head">
      <h2>
        {{ says.bay(placed.bay.label) }}
        <small>{{ placed.personName ?? says.nobodyPlaced }}{{ helping }}</small>
      </h2>
      <LazyFrameTrade v-if="worked ?? because" class="what" :of="(worked ?? because)!" :name="words.gates[(worked ?? because)!]" />
      <FrameKey v-if="panel" look="quiet" @click="go(null)">
        {{ says.backToBay(placed.bay.label) }}
      </FrameKey>
      <NuxtLink v-else class="key quiet close" to="/">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p v-if="settled" class="settled" role="status">
      <b class="state-open">{{ says.gateIsOpen(words.gates[settled]) }}</b>
      {{ next ? says.nextHold(words.gates[next]) : says.nothingElseHere }}
    </p>
    <LazyStationJobCard v-if="panel === 'job' && maySet" :placed="placed" @done="close('job')" />
    <LazyStationLaserCell v-else-if="panel === 'eyes' && mayCheck && isLaser" :placed="placed" @because="go('because-eyes')" />
    <LazyStationEyesCheck v-else-if="panel === 'eyes' && mayCheck" :placed="placed" @because="go('because-eyes')" />
    <LazyStationDarkestFirst v-else-if="panel === 'darkest' && mayCheck" :placed="placed" @done="go('eyes')" />
    <LazyStationBodyCheck v-else-if="panel === 'body' && mayCheck" :placed="placed" @because="go('because-body')" />
    <LazyStationAirCheck v-else-if="panel === 'air' && mayCheck" :placed="placed" @because="go('because-air')" />
    <LazyStationKit
      v-else-if="panel === 'gas' || panel === 'machine'"
      :key="panel"
      :placed="placed"
      :gate="panel"
      @because="go(`because-${panel}`)"
    />
    <LazyStationFireCheck v-else-if="panel === 'fire'" :placed="placed" @because="go('because-fire')" />
    <LazyStationHandover v-else-if="panel === 'handover'" :placed="placed" @done="go(null)" />
    <LazyStationPlacePerson v-else-if="panel === 'who'" :placed="placed" @done="go(null)" />
    <LazyStationBecause v-else-if="because" :placed="placed" :gate="because" />
    <template v-else>
      <StationStopped v-if="placed.station.stop" :placed="placed" />
      <p class="job">
        <template v-if="placed.station.job">
          <template v-for="{ field, text, ink } in jobParts(placed.station.job, q)" :key="field">
            <NuxtLink v-if="ink === 'pencil' && maySet" class="pencil tap" :to="{ path: route.path, query: { do: 'job', line: field } }">
              {{ text }}<span class="visually-hidden">{{ says.assumedConfirmOrCorrect }}</span>
            </NuxtLink>
            <span v-else :class="ink">{{ text }}</span>
          </template>
        </template>
        <span v-else class="soft">{{ says.noJobYet }}</span>
      </p>
      <p v-if="placed.station.handover" class="handover" :class="{ 'state-hold': leftOpen > 0 }">
        {{ leftOpen > 0 ? says.handedOverWithNotDone(leftOpen) : says.handedOverInOrder }} <span class="soft">{{ handedAt }}</span>
      </p>
      <StationShadeBrief v-if="placed.verdict.shade" :answer="placed.verdict.shade" />
      <ul class="gates">
        <li v-for="gate in placed.verdict.gates" :key="gate.gate">
          <StationGateLine
            :gate="gate"
            :opened="openedBy(placed, gate.gate, judged.viewAt(placed.bay), q)"
            :fix="gate.gate === 'air' ? best : null"
            :since="since[gate.gate]"
            @open="go(panelFor(gate.gate))"
            @because="go(`because-${gate.gate}`)"
          />
        </li>
      </ul>
      <div class="next">
        <FrameKey v-if="!placed.station.stop" look="stop" @click="stopHere">
          {{ says.stopBay(placed.bay.label) }}
        </FrameKey>
        <FrameKey v-if="mayHandOver" @click="go('handover')">
          {{ says.handOver }}
        </FrameKey>
        <FrameKey v-if="maySet" @click="go('who')">
          {{ placed.personName ? says.who : says.placeSomebody }}
        </FrameKey>
        <FrameKey v-if="maySet" :look="first === null || first === 'job' ? 'go' : 'plain'" @click="go('job')">
          {{ !placed.station.job ? says.setAJob : first === 'job' ? says.fixFirstHoldJob : says.changeJob }}
        </FrameKey>
        <FrameKey v-if="first && first !== 'job'" look="go" @click="go(first)">
          {{ says.fixFirstHold(words.gates[first]) }}
        </FrameKey>
      </div>
    </template>
  </div>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  min-height: 100%;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
  margin: calc(-1 * var(--space-5)) 0 calc(-1 * var(--space-2));
}
h2 {
  flex: 1 1 84px;
  font-size: var(--type-figure);
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-1) var(--space-6);
}
h2 small {
  font-size: var(--type-body);
  font-weight: 550;
  color: var(--soft);
  letter-spacing: 0;
}
.key.quiet {
  padding: 0 var(--space-2);
  display: grid;
  place-items: center;
  font-weight: 600;
  white-space: nowrap;
}
.job {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-6);
  font-size: var(--type-body);
  line-height: 1.3;
}
.handover {
  font-size: var(--type-small);
  font-weight: 650;
  border-top: var(--line-thin) solid var(--rule);
  padding-top: var(--space-2);
}
.tap {
  padding: var(--space-7) 0;
  margin: calc(-1 * var(--space-7)) 0;
}
.settled {
  border-bottom: var(--line-thin) solid var(--rule);
  padding-bottom: var(--space-2);
}
.gates {
  border-top: var(--line-rule) solid var(--ink);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  margin-top: auto;
  position: sticky;
  bottom: calc(-1 * var(--space-6));
  padding: var(--space-4) 0 var(--space-6);
  background: var(--panel);
}
.next .key {
  flex: 1 1 auto;
  padding: var(--space-3) var(--space-4);
}
.next .stop-key {
  padding: 0 var(--space-7) 0 var(--space-6);
  font-size: var(--type-body);
}
@media (max-width: 900px) {
  .next {
    position: sticky;
    bottom: 0;
  }
}
</style>
