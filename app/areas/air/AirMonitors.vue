<script setup lang="ts">
import type { Monitor } from '#core/streams/monitor/monitor'
import { monitorBounds } from '#core/monitor/monitor-bounds'
import type { MonitorBound } from '#core/monitor/monitor-bounds'
import { comparedWith } from '#core/monitor/heard-air'
import { judgeMonitor } from '#core/monitor/judge-monitors'
import { shownReading } from '#core/monitor/quantity-units'
import { monitorStream } from '#core/ids/streams'
import type { Placed } from '~/stores/judged'
import { allowedTime } from '#shared/words/rounded'
import { airPages } from '~/words/air'

const says = airPages.monitors

/** What instruments read at a bay now, against what it is compared with; and the way to place another. */
const { placed } = defineProps<{ placed: Placed }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const { send, refused } = useSender()
const { time } = useDates()
const isAdding = ref(false)

const mayPlace = computed(() => session.may('record-samples'))
const here = computed(() =>
  Object.entries(facts.reading?.air.monitors ?? {})
    .filter(([, { bayIds, isRemoved }]) => !isRemoved && bayIds.includes(placed.bay.bayId))
    .map(([monitorId, monitor]) => ({ monitorId, monitor })))

const read = ({ quantity }: Monitor, value: number): string => {
  const shown = shownReading(quantity, value)
  return `${Number(shown.value.toPrecision(3))} ${shown.unit}`
}
/** Is what it measures in its name already? */
const isNamedIn = ({ name, quantity }: Monitor): boolean => name.toLowerCase().includes(words.monitorQuantities[quantity])
interface Line { readonly bound: MonitorBound, readonly said: string, readonly fraction: number | null, readonly now: string }
const linesOf = (monitor: Monitor): readonly Line[] => {
  const { heard, quantity } = monitor
  return heard === null
    ? []
    : monitorBounds(quantity, facts.rules).map((bound) => {
        // Of a mean that little was heard of, what was heard is shown, and how much that was.
        const value = bound.isOfMean ? heard.mean : comparedWith(bound, heard)
        return {
          bound,
          said: `${words.monitorBounds[bound.bound]} ${read(monitor, bound.value)}`,
          fraction: bound.isLeast || quantity === 'oxygen' ? null : Math.max(0, value) / bound.value,
          now: bound.isOfMean
            ? says.meanOf(read(monitor, value), allowedTime(heard.coveredS))
            : (bound.isLeast ? says.lowest : says.highest)(read(monitor, value)),
        }
      })
}
const saidOf = (monitor: Monitor) => {
  const { monitors, extraction } = judged.viewAt(placed.bay).air
  return judgeMonitor(monitor, { monitors, extraction, rules: facts.rules, now: judged.standing.now })
    .map(said => ({ ...lookup.say(said), isStop: said.severity === 'stop' }))
}
const remove = (monitorId: string) =>
  send(
    'monitor.remove',
    { id: monitorStream(monitorId), expectedVersion: facts.reading?.air.versions.monitors[monitorId] ?? 0 },
    { reason: says.takenAwayOnThePage },
  )
</script>

<template>
  <section class="monitors" :aria-label="says.readHereNow">
    <div class="top">
      <h3>{{ says.readHereNow }}</h3>
      <FrameKey v-if="mayPlace && !isAdding" @click="isAdding = true">
        {{ says.placeAMonitor }}
      </FrameKey>
    </div>
    <p v-if="here.length === 0 && !isAdding" class="soft">
      {{ says.noneHere }}
    </p>
    <FrameRefused :says="refused" />
    <LazyAirMonitorForm v-if="isAdding" :placed="placed" @done="isAdding = false" />
    <article v-for="{ monitorId, monitor } in here" :key="monitorId" class="monitor">
      <h4>
        {{ monitor.name }} <small v-if="!isNamedIn(monitor)">{{ words.monitorQuantities[monitor.quantity] }}</small>
      </h4>
      <p class="value">
        <b class="number print">{{ monitor.heard ? read(monitor, monitor.heard.value) : '–' }}</b>
        <span class="soft">{{ monitor.heard ? says.heardAt(time(monitor.heard.at)) : says.neverHeard(monitor.senmlName) }}</span>
      </p>
      <p v-for="{ isStop, message, todo } in saidOf(monitor)" :key="message" class="said" :class="{ 'is-stop': isStop }">
        {{ message }} <b>{{ todo }}</b>
      </p>
      <ul class="bounds">
        <li v-for="{ bound, said, fraction, now } in linesOf(monitor)" :key="bound.bound">
          <span>{{ said }}</span>
          <AirTemper v-if="fraction !== null" :fraction="fraction" :action="facts.rules.actionFraction" />
          <span v-else />
          <span class="print">{{ now }}</span>
        </li>
      </ul>
      <LazyAirMonitorChart v-if="monitor.heard" :monitor-id="monitorId" />
      <FrameAsk
        v-if="mayPlace"
        look="quiet"
        :asks="says.takenAway(monitor.name)"
        :does="says.takeAway"
        @done="remove(monitorId)"
      >
        {{ says.takeAway }} <span class="visually-hidden">{{ monitor.name }}</span>
      </FrameAsk>
    </article>
  </section>
</template>

<style scoped>
.monitors { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-5); }
.top { display: flex; justify-content: space-between; align-items: center; gap: var(--space-5); }
h4 { font-weight: 800; }
h4 small { color: var(--soft); font-weight: 500; margin-left: var(--space-3); }
.monitor {
  display: grid;
  gap: var(--space-3);
  border-top: var(--line-thin) solid var(--rule);
  padding-top: var(--space-4);
  justify-items: start;
}
.monitor > .bounds, .monitor > .said { justify-self: stretch; }
.value { display: flex; align-items: baseline; gap: var(--space-5); flex-wrap: wrap; }
.number { font-size: var(--type-big); font-weight: 900; }
.bounds li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px minmax(0, 1fr);
  gap: var(--space-1) var(--space-5);
  align-items: center;
  padding: var(--space-3) 0;
}
.bounds li > :last-child { text-align: right; color: var(--soft); }
@media (max-width: 700px) {
  .bounds li { grid-template-columns: minmax(0, 1fr) 90px; }
  .bounds li > :last-child { grid-column: 1 / -1; text-align: left; }
}
</style>
