<script setup lang="ts">
import type { AirAssessment } from '#core/air/assess-air'
import type { Respirator } from '#core/respirator/respirators'
import type { Range } from '#core/range'
import { CONCENTRATION } from '#core/exposure/judge-exposure'
import { times } from '#core/range'
import { airPages } from '~/words/air'
import { TEMPER, tintOf } from './temper'

const says = airPages.way

/** The way of the fume in one picture: made, taken by the hood, in the hall, at the mouth, inside the mask; the limit drawn through. */
const { air, actionFraction, mask, wornShare } = defineProps<{
  air: AirAssessment
  actionFraction: number
  /** What is breathed inside which mask is shown; null for none. */
  mask: Respirator | null
  /** Share of the work in which it is on. */
  wornShare: number
}>()
const q = useQuantities()

const shown = computed(() => {
  const worst = air.exposure?.worst
  const prediction = air.prediction
  if (!worst || !prediction?.breathed) return null
  const { substance, kind, valueMgPerM3, perElement } = worst.limit
  const breathed = (air.day?.air.breathed ?? prediction.breathed)[substance]!
  const emission = prediction.made[substance] ?? null
  const mouth = breathed[CONCENTRATION[kind]]
  const inside = mask?.apf ? air.day?.air.inside({ apf: mask.apf, isSupplied: mask.isSupplied, wornShare }).breathed[substance] : undefined
  // The hall's share of what is counted over the shift: its mean while working, over the same hours.
  const { nearField, farField, twa } = breathed
  const over = (end: keyof Range): number =>
    kind === 'twa' && nearField[end] > 0 ? (farField[end] * twa[end]) / nearField[end] : farField[end]
  const roomShare: Range = { low: over('low'), mid: over('mid'), high: over('high') }
  const as = (range: Range): Range => times(range, perElement)
  return {
    substance,
    kind,
    limit: valueMgPerM3,
    emission,
    capture: prediction.capture,
    room: as(roomShare),
    mouth: as(mouth),
    mask: inside ? as(inside[CONCENTRATION[kind]]) : null,
  }
})
/** Heights on a scale of decades: three under the limit, and as many over it as are needed. */
const decades = computed(() => {
  const over = Math.max(1, Math.ceil(Math.log10(Math.max(shown.value ? shown.value.mouth.high / shown.value.limit : 1, 1)) + 0.2))
  return { under: 3, over }
})
const TOP = 14
const BASE = 176
const yOf = (mgPerM3: number): number => {
  const { under, over } = decades.value
  const decade = Math.min(over, Math.max(-under, Math.log10(Math.max(mgPerM3, 1e-12) / shown.value!.limit)))
  return BASE - (decade + under) / (under + over) * (BASE - TOP)
}
const band = computed(() => {
  const { capture } = shown.value!
  const thick = 92
  return { thick, taken: thick * capture.low, loose: Math.max(2, thick * (1 - capture.low)) }
})
const columns = computed(() => shown.value
  ? [
      { x: 360, name: says.inTheHall, range: shown.value.room },
      { x: 500, name: says.atTheMouth, range: shown.value.mouth },
      ...shown.value.mask ? [{ x: 640, name: says.insideTheMask, range: shown.value.mask }] : [],
    ]
  : [])
</script>

<template>
  <figure v-if="shown" class="way">
    <svg
      viewBox="0 0 336 238"
      role="img"
      :aria-label="says.theWayOfMadeAt(
        words.substances[shown.substance],
        shown.emission ? q.rate(shown.emission.high) : '',
        Math.floor(shown.capture.low * 100),
        q.concentration(shown.mouth.high),
        q.limit(shown.limit),
      )"
    >
      <g class="band">
        <rect x="0" :y="100 - band.thick / 2" width="140" :height="band.thick" class="made" />
        <path
          v-if="band.taken > 0"
          :d="`M140 ${100 - band.thick / 2} C200 ${100 - band.thick / 2} 200 0 240 0 L${240 + band.taken * 0.9} 0 C240 0 240 ${100 - band.thick / 2 + band.taken} 140 ${100 - band.thick / 2 + band.taken} Z`"
          class="taken"
        />
        <path
          :d="`M139 ${100 + band.thick / 2 - band.loose} C230 ${100 + band.thick / 2 - band.loose} 230 ${146 - band.loose / 2} 330 ${146 - band.loose / 2} L330 ${146 + band.loose / 2} C230 ${146 + band.loose / 2} 230 ${100 + band.thick / 2} 139 ${100 + band.thick / 2} Z`"
          class="loose"
        />
        <text x="8" y="94" class="big on">{{ shown.emission ? q.rate(shown.emission.high) : says.fromOthers }}</text>
        <text x="8" y="114" class="on">{{ says.madeAtTheArc }}</text>
        <text x="8" y="18">{{ shown.capture.low > 0 ? says.theHoodTakes : says.noHoodTakesAny }}</text>
        <text v-if="shown.capture.low > 0" x="8" y="40" class="big">{{ says.orMore(Math.floor(shown.capture.low * 1000) / 10) }}</text>
        <text v-if="shown.emission" x="8" y="196">{{ says.getsLoose }}</text>
        <text v-if="shown.emission" x="8" y="218" class="big">{{ says.upTo(q.rate(shown.emission.high * (1 - shown.capture.low))) }}</text>
      </g>
    </svg>
    <svg viewBox="332 0 428 238" aria-hidden="true">
      <g class="columns">
        <line x1="336" x2="752" :y1="yOf(shown.limit)" :y2="yOf(shown.limit)" class="limit" />
        <text x="752" :y="yOf(shown.limit) - 5" class="end">{{ says.limit(q.limit(shown.limit)) }}</text>
        <line x1="336" x2="752" :y1="yOf(shown.limit * actionFraction)" :y2="yOf(shown.limit * actionFraction)" class="action" />
        <g v-for="{ x, name, range } in columns" :key="name">
          <rect
            :x="x"
            :y="yOf(range.high)"
            width="72"
            :height="Math.max(2, BASE - yOf(range.high))"
            :fill="TEMPER[tintOf(range.high / shown.limit, actionFraction)]"
            class="column"
          />
          <line :x1="x" :x2="x + 72" :y1="yOf(range.mid)" :y2="yOf(range.mid)" class="mid" />
          <text :x="x + 36" y="196" class="centre">{{ name }}</text>
          <text :x="x + 36" y="218" class="centre big">{{ q.concentration(range.high) }}</text>
        </g>
        <text v-if="!shown.mask" x="676" y="196" class="centre faint">{{ says.noMaskCounts }}</text>
        <line x1="336" x2="752" :y1="BASE" :y2="BASE" class="ground" />
      </g>
    </svg>
    <figcaption>
      {{ says.theBarsEndAtThe(words.substances[shown.substance], words.limitKinds[shown.kind]) }}
    </figcaption>
  </figure>
</template>

<style scoped>
.way { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-5); display: flex; flex-wrap: wrap; }
figcaption { flex-basis: 100%; }
svg { display: block; height: auto; flex: 336 1 300px; min-width: 0; }
svg + svg { flex-grow: 428; }
text { font-size: var(--type-small); fill: var(--ink); font-weight: 600; }
.big { font-size: var(--type-lead); font-weight: 900; }
.on { fill: var(--on-key); }
.centre { text-anchor: middle; }
.faint { fill: var(--soft); }
.end { text-anchor: end; }
.made { fill: var(--key); }
.taken { fill: none; stroke: var(--strong-rule); stroke-width: 2; stroke-dasharray: 5 4; }
.loose { fill: var(--key); }
.limit { stroke: var(--ink); stroke-width: 3; }
.action { stroke: var(--ink); stroke-width: 2; stroke-dasharray: 6 5; }
.ground { stroke: var(--rule); stroke-width: 2; }
.mid { stroke: var(--panel); stroke-width: 2; }
.column { stroke: var(--strong-rule); stroke-width: 1; }
figcaption { font-size: var(--type-fine); color: var(--soft); }
figcaption::first-letter { text-transform: uppercase; }
</style>
