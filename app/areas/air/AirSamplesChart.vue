<script setup lang="ts">
import { Chart, LinearScale, LineElement, LogarithmicScale, PointElement, ScatterController } from 'chart.js'
import annotation from 'chartjs-plugin-annotation'
import { Scatter } from 'vue-chartjs'
import type { JudgedSurvey } from '#core/air/measured-air'
import { CATEGORY_ENDS, exposureCategories } from '#core/samples/exposure-categories'
import { lognormalMean } from '#core/samples/lognormal-mean'
import { countBy } from '#core/samples/substitution'
import { normalQuantile } from '#core/samples/normal'
import { airPages } from '~/words/air'

const says = airPages.samplesChart

Chart.register(ScatterController, LineElement, PointElement, LinearScale, LogarithmicScale, annotation)

/** The sample ranked against a normal scale: a lognormal sample lies on a line; the limit is drawn across, and the 95th percentile down. */
const { judged } = defineProps<{ judged: JudgedSurvey }>()
const q = useQuantities()
const { ink, still, soft, title, label } = useChartLook()
const limit = computed(() => judged.limit!.valueMgPerM3 / judged.limit!.perElement)
const sorted = computed(() =>
  [...judged.survey.results].sort((a, b) => a.mgPerM3 - b.mgPerM3 || Number(b.isBelowLoq) - Number(a.isBelowLoq)),
)
const scoreOf = (i: number) => normalQuantile((i + 1 - 0.375) / (sorted.value.length + 0.25))
const data = computed(() => ({
  datasets: [
    {
      data: sorted.value.flatMap((r, i) => (r.isBelowLoq ? [] : [{ x: scoreOf(i), y: r.mgPerM3 }])),
      pointRadius: 6,
      pointStyle: 'circle' as const,
      backgroundColor: ink.value.ink,
    },
    {
      data: sorted.value.flatMap((r, i) => (r.isBelowLoq ? [{ x: scoreOf(i), y: r.mgPerM3 }] : [])),
      pointRadius: 7,
      pointStyle: 'triangle' as const,
      rotation: 180,
      backgroundColor: ink.value.panel,
      borderColor: ink.value.ink,
      borderWidth: 2,
    },
    ...(judged.answer?.summary && judged.answer.summary.gsd > 1
      ? [
          {
            data: [-2.2, 2.2].map(z => ({ x: z, y: judged.answer!.summary!.gm * judged.answer!.summary!.gsd ** z })),
            showLine: true,
            pointRadius: 0,
            borderColor: ink.value.soft,
            borderWidth: 2,
            borderDash: [6, 4],
          },
        ]
      : []),
  ],
}))
const P95 = 1.645
const options = computed(() => {
  const highest = Math.max(limit.value, judged.answer?.summary?.utl95_70 ?? 0, ...sorted.value.map(r => r.mgPerM3)) * 1.6
  return {
    ...still,
    scales: {
      x: {
        type: 'linear' as const,
        min: -2.2,
        max: 2.2,
        title: title(says.shareOfShiftsBelow),
        ticks: {
          ...soft.value,
          stepSize: 1,
          callback: (z: string | number) => ({ '-2': '2 %', '-1': '16 %', '0': '50 %', '1': '84 %', '2': '98 %' })[String(z)] ?? '',
        },
        grid: { color: ink.value.rule },
      },
      y: {
        type: 'logarithmic' as const,
        min: Math.min(limit.value, ...sorted.value.map(r => r.mgPerM3)) / 2,
        max: highest,
        title: title('mg/m³'),
        ticks: { ...soft.value, maxTicksLimit: 6 },
        grid: { display: false },
      },
    },
    plugins: {
      annotation: {
        annotations: {
          limit: {
            type: 'line' as const,
            yMin: limit.value,
            yMax: limit.value,
            borderColor: ink.value.ink,
            borderWidth: 3,
            label: label(says.limit(q.value.limit(limit.value)), 'start'),
          },
          p95: {
            type: 'line' as const,
            xMin: P95,
            xMax: P95,
            borderColor: ink.value.ink,
            borderWidth: 1,
            borderDash: [3, 3],
            label: label('95 %', 'start'),
          },
        },
      },
      legend: { display: false },
      tooltip: { enabled: false },
    },
  }
})
/** The mean of shifts with its exact limits, and how likely each part of the limit is. */
const ofShifts = computed(() => {
  const inMg = q.value.concentration
  const sample = judged.survey.results.map(({ mgPerM3, isBelowLoq }) => ({ value: mgPerM3, isBelowLoq }))
  const mean = lognormalMean(countBy(judged.answer!.method, sample)?.values ?? [])
  return {
    mean: mean && says.meanOfShifts(inMg(mean.mvue), inMg(mean.lower95), inMg(mean.upper95)),
    categories: (exposureCategories(sample, limit.value) ?? []).map((chance, i) => ({
      said: i < CATEGORY_ENDS.length
        ? says.upTo(q.value.percent(CATEGORY_ENDS[i - 1] ?? 0), q.value.percent(CATEGORY_ENDS[i]!))
        : says.overTheLimit,
      chance,
    })),
  }
})
/** So small a share is not told apart from none. */
const LEAST_SHARE = 1e-4
const percentOf = (share: number): string => (share < LEAST_SHARE ? `< ${100 * LEAST_SHARE}` : (share * 100).toPrecision(2))
const summary = computed(() => {
  const { summary, exceedance, method, n, belowLoq } = judged.answer!
  if (!summary) return ''
  const spread = says.geometricMeanSpread95Of(
    q.value.concentration(summary.gm),
    summary.gsd.toFixed(2),
    q.value.concentration(summary.p95),
    q.value.concentration(summary.utl95_70),
    q.value.concentration(summary.utl95_95),
  )
  const over = exceedance
    ? says.overTheLimitOfShifts(percentOf(exceedance.point), percentOf(exceedance.upper70))
    : ''
  return (
    spread
    + over
    + (belowLoq > 0 ? says.ofBelowTheLimitOf(belowLoq, n, words.substitutions[method]) : '')
  )
})
</script>

<template>
  <div>
    <div class="chart">
      <Scatter :data="data" :options="options" role="img" :aria-label="summary" />
    </div>
    <p class="reading">
      {{ summary }} {{ ofShifts.mean }}
    </p>
    <p class="reading">
      {{ says.howLikely }}
    </p>
    <ul class="categories" :aria-label="says.howLikely">
      <li v-for="{ said, chance } in ofShifts.categories" :key="said">
        <span>{{ said }}</span>
        <i :style="{ inlineSize: `${chance * 100}%` }" aria-hidden="true" />
        <b class="print">{{ q.percent(Number(chance.toFixed(2))) }}</b>
      </li>
    </ul>
    <details>
      <summary>{{ says.theResultsInNumbers }}</summary>
      <ul>
        <li v-for="{ label: name, mgPerM3, isBelowLoq, minutes } in sorted" :key="name">
          {{ name }}:
          {{ isBelowLoq ? says.below : '' }}{{ q.concentration(mgPerM3) }}{{ minutes === null ? '' : `, ${q.minutes(minutes)}` }}
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
/* The canvas is out of the flow: one that was drawn wide must not hold its frame open when the tablet is turned. */
.chart { height: 220px; position: relative; min-width: 0; }
.chart :deep(canvas) { position: absolute; inset: 0; }
.reading { font-size: var(--type-small); padding-top: var(--space-3); }
.categories { padding-top: var(--space-2); }
.categories li {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr) 64px;
  gap: var(--space-5);
  align-items: center;
  font-size: var(--type-small);
  padding: var(--space-1) 0;
}
.categories i { height: 12px; min-width: 1px; background: var(--ink); }
.categories b { text-align: right; }
summary { min-height: 44px; display: flex; align-items: center; cursor: pointer; font-weight: 700; }
@media (max-width: 700px) {
  .categories li { grid-template-columns: 170px minmax(0, 1fr) 52px; }
}
</style>
