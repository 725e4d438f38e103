<script setup lang="ts">
import type { AirDoubt, AirInputId } from '#core/air/air-doubt'
import type { LeastChange } from '#core/air/least-change'
import type { Driver } from '#core/chance/drivers'
import { airPages } from '~/words/air'
import type { DoubtQuestion } from './useAirDoubt'
import { useAirDoubt } from './useAirDoubt'

const says = airPages.sure

/** How sure the answer is: everything that is not known drawn many times over, and which of it matters most. */
const { question, actionFraction } = defineProps<{ question: DoubtQuestion | null, actionFraction: number }>()
const q = useQuantities()
const units = useShopUnits()
const { doubt, least, share, isLeft, begin, leave } = useAirDoubt(() => question)

/** Rounded down: nobody is told more than is so, and draws never make a thing certain. */
const percent = (chance: number): string => chance > 0.99 ? says.nearlyAlways : `${Math.floor(chance * 100)}\u00a0%`
const SHOWN_LIMITS = 4
/** Of each substance the limit that binds hardest. */
const limits = computed(() => {
  const seen = new Set<string>()
  return (doubt.value?.limits ?? [])
    .filter(({ limit }) => {
      const isNew = !seen.has(limit.substance)
      seen.add(limit.substance)
      return isNew
    })
    .slice(0, SHOWN_LIMITS)
})
/** Inputs that make at least a twentieth of the doubt. */
const TOLD_SHARE = 0.05
const drivers = computed(() => (doubt.value?.drivers ?? []).filter(driver => driver.share >= TOLD_SHARE))
const first = computed<Driver<AirInputId> | null>(() => drivers.value[0] ?? null)
const shareWords = (of: number): string => {
  const words = says.shares
  return of >= 0.9
    ? words.nearlyAll
    : of >= 0.7
      ? words.threeQuarters
      : of >= 0.58
        ? words.twoThirds
        : of >= 0.42
          ? words.half
          : of >= 0.29 ? words.third : of >= 0.22 ? words.quarter : words.fifth
}

/** What keeps somebody under is rounded to the safe side: a place nearer, a flow larger. */
const within = (m: number): string =>
  `${Math.floor(units.value.reach.toShown(m) * 10 + 1e-6) / 10} ${units.value.reach.unit}`
const atLeast = (m3PerS: number): string =>
  `${Math.ceil(units.value.airFlow.toShown(m3PerS) - 1e-6)} ${units.value.airFlow.unit}`
/** As an order to somebody who can carry it out. */
function leastWords({ kind, change }: LeastChange): string {
  const { strippedWidthMm = 0, distanceM = 0, flowM3PerS = 0, supplyM3PerS = 0, arcMinPerH = 0, othersShare = 0 } = change
  switch (kind) {
    case 'strip': return says.stripAtLeast(q.value.strip(strippedWidthMm))
    case 'distance': return says.hoodWithin(within(distanceM))
    case 'flow': return says.drawAtLeast(atLeast(flowM3PerS))
    case 'supply': return says.blowInAtLeast(atLeast(supplyM3PerS))
    case 'arc': return says.burnAtMost(q.value.minutes(arcMinPerH))
    case 'others': return says.othersAtMost(Math.floor(othersShare * 100))
  }
}
/** What the site says that a change costs; undefined where nobody priced it. */
const facts = useFacts()
const costOf = ({ kind }: LeastChange): number | undefined => facts.rules.changeCosts[kind]
const drawsOf = (answer: AirDoubt): string => answer.draws.toLocaleString('en')
</script>

<template>
  <section v-if="question" class="sure" :aria-label="says.howSure">
    <h3>{{ says.howSure }}</h3>
    <FrameProgress v-if="share !== null" :label="says.drawing" :share="share" @cancel="leave" />
    <template v-else-if="doubt">
      <p class="sum" role="status">
        {{ says.keepsAll(percent(doubt.allUnderAction), drawsOf(doubt), Math.round(actionFraction * 100)) }}
        <template v-if="first">
          <b>{{ says.comesFrom(shareWords(first.share), words.airInputs[first.input]) }}</b> {{ words.airLevers[first.input] }}
        </template>
      </p>
      <ul class="limits">
        <li v-for="one in limits" :key="one.limit.substance">
          <span class="what"><b>{{ words.substances[one.limit.substance] }}</b>
            <small>{{ says.ofLimit(words.limitKinds[one.limit.kind], q.limit(one.limit.valueMgPerM3)) }}</small></span>
          <AirSpan class="scale" :fraction="one.fraction" :action="actionFraction" />
          <span class="figures print">{{ says.middleAndHigh(q.part(one.fraction.mid), q.part(one.fraction.high)) }}
            <small>{{ says.staysUnder(percent(one.underLimit)) }}</small></span>
        </li>
      </ul>
      <p class="reading soft">
        {{ says.barsRunFrom }}
      </p>
      <template v-if="least && (least.alone.length > 0 || least.together)">
        <h4>{{ says.theLeast }}</h4>
        <ul class="least">
          <li v-for="one in least.alone" :key="one.kind">
            <span>{{ leastWords(one) }} <small v-if="costOf(one) !== undefined">{{ says.costs(costOf(one)!) }}</small></span>
            <b class="print">{{ q.part(one.fractionAfter) }}</b>
          </li>
          <li v-if="least.together">
            <span>{{ says.together(least.together.changes.map(leastWords).join('; ')) }}</span>
            <b class="print">{{ q.part(least.together.fractionAfter) }}</b>
          </li>
        </ul>
      </template>
      <dl v-if="drivers.length > 1" class="drivers">
        <template v-for="{ input, share: part } in drivers" :key="input">
          <dt class="print">
            {{ Math.round(part * 100) }} %
          </dt>
          <dd>{{ words.airInputs[input] }}<small>{{ words.airLevers[input] }}</small></dd>
        </template>
      </dl>
    </template>
    <template v-else-if="isLeft">
      <p class="soft">
        {{ says.notDrawn }}
      </p>
      <FrameKey @click="begin">
        {{ says.drawIt }}
      </FrameKey>
    </template>
    <p v-else class="soft">
      {{ says.nothingToDraw }}
    </p>
  </section>
</template>

<style scoped>
.sure { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-4); }
.sum { font-size: var(--type-lead); }
h4 { font-weight: 800; }
.least li {
  display: flex; justify-content: space-between; gap: var(--space-6); border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-3) 0;
}
.least b { white-space: nowrap; }
.limits li {
  display: grid; grid-template-columns: minmax(0, 190px) minmax(120px, 1fr) minmax(0, 230px); gap: var(--space-5); align-items: center;
  min-height: 56px; border-bottom: var(--line-thin) solid var(--rule); padding: var(--space-2) 0;
}
.limits b { display: block; }
.limits b::first-letter, .drivers dd::first-letter { text-transform: uppercase; }
small { display: block; color: var(--soft); font-size: var(--type-small); font-weight: 500; }
.figures { text-align: right; font-weight: 750; }
.reading { font-size: var(--type-fine); }
.drivers { display: grid; grid-template-columns: 62px minmax(0, 1fr); gap: var(--space-3) var(--space-5); }
dt { font-weight: 800; text-align: right; }
@media (max-width: 700px) {
  .limits li { grid-template-columns: minmax(0, 1fr) minmax(0, 150px); }
  .scale { grid-column: 1 / -1; grid-row: 2; }
}
</style>
