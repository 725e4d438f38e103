<script setup lang="ts">
import { CategoryScale, Chart, Filler, LinearScale, LineElement, LogarithmicScale, PointElement, ScatterController } from 'chart.js'
import annotation from 'chartjs-plugin-annotation'
import { Scatter } from 'vue-chartjs'
import type { BayPrediction } from '#core/air/hall-prediction'
import { neededVelocityMPerS } from '#core/ventilation/capture-window'
import { rectangleVelocityMPerS, velocityAtMPerS } from '#core/ventilation/hood'
import { shieldGasLimit } from '#core/ventilation/shield-gas'
import type { ProcessId } from '#core/ids/vocabulary'
import type { TableColumnOf } from '~/frame/table'
import { airPages } from '~/words/air'

const says = airPages.window

Chart.register(ScatterController, LineElement, PointElement, LinearScale, LogarithmicScale, CategoryScale, Filler, annotation)

/**
 * The capture window as a chart: how the hood's pull falls with distance, what the fume needs, what the shield gas bears, where it stands.
 */
const { prediction, process, draughtMPerS } = defineProps<{ prediction: BayPrediction, process: ProcessId, draughtMPerS: number }>()
const lookup = useLookup()
const q = useQuantities()
const units = useShopUnits()
const { ink, still, soft, title, label: across } = useChartLook()

const hood = computed(() => prediction.hood)
const window = computed(() => prediction.window)
const isAbove = computed(() => hood.value?.kind === 'overhead' || hood.value?.kind === 'canopy')
const needed = computed(() => neededVelocityMPerS(draughtMPerS))
const gas = computed(() => shieldGasLimit(process))
const DISTANCES_M = Array.from({ length: 57 }, (_, i) => 0.04 + i * 0.0125)
const points = computed(() => hood.value
  ? DISTANCES_M.flatMap((x) => {
      const v = velocityAtMPerS(hood.value!, x)
      return v === undefined ? [] : [{ x: units.value.reach.toShown(x), y: units.value.speed.toShown(v) }]
    })
  : [])
const data = computed(() => ({
  datasets: [
    { data: points.value, showLine: true, pointRadius: 0, borderColor: ink.value.ink, borderWidth: 3 },
    ...(window.value?.velocityAtArcMPerS != null && prediction.distanceM !== null
      ? [
          {
            data: [{ x: units.value.reach.toShown(prediction.distanceM), y: units.value.speed.toShown(window.value.velocityAtArcMPerS) }],
            pointRadius: 9,
            pointStyle: 'rectRot' as const,
            pointBackgroundColor: ink.value.chalk,
            pointBorderColor: ink.value.panel,
            pointBorderWidth: 2,
          },
        ]
      : []),
  ],
}))
const label = (content: string, position: 'start' | 'end' = 'end') => ({ ...across(content, position), yAdjust: -11 })
const options = computed(() => {
  const speed = units.value.speed
  const reach = units.value.reach
  const line = (mPerS: number, text: string, dash: number[], position: 'start' | 'end' = 'end') => ({
    type: 'line' as const,
    yMin: speed.toShown(mPerS),
    yMax: speed.toShown(mPerS),
    borderColor: ink.value.ink,
    borderWidth: 2,
    borderDash: dash,
    label: label(text, position),
  })
  return {
    ...still,
    scales: {
      x: {
        type: 'linear' as const,
        min: 0,
        max: reach.toShown(0.75),
        title: title(says.fromMouthToArc(reach.unit)),
        ticks: soft.value,
        grid: { color: ink.value.rule },
      },
      y: {
        type: 'logarithmic' as const,
        min: speed.toShown(0.05),
        max: speed.toShown(10),
        title: title(says.pullAtTheArc2(speed.unit)),
        ticks: { ...soft.value, maxTicksLimit: 7 },
        grid: { display: false },
      },
    },
    plugins: {
      annotation: {
        annotations: {
          ...(window.value?.windowM
            ? {
                good: {
                  type: 'box' as const,
                  xMin: reach.toShown(window.value.windowM[0]),
                  xMax: reach.toShown(window.value.windowM[1]),
                  backgroundColor: ink.value.good,
                  borderColor: ink.value.open,
                  borderWidth: 2,
                  drawTime: 'beforeDatasetsDraw' as const,
                },
              }
            : {}),
          ...(prediction.distanceM !== null && window.value?.velocityAtArcMPerS != null
            ? {
                here: {
                  type: 'label' as const,
                  xValue: reach.toShown(prediction.distanceM),
                  yValue: speed.toShown(window.value.velocityAtArcMPerS),
                  content: says.itStandsHere,
                  color: ink.value.chalk,
                  font: { family: 'Recursive', size: 13, weight: 750 as const, style: 'italic' as const },
                  yAdjust: 20,
                  xAdjust: prediction.distanceM > 0.6 ? -40 : 0,
                },
              }
            : {}),
          needed: line(
            needed.value,
            isAbove.value
              ? says.besideTheArcItWould(q.value.speed(needed.value))
              : says.theFumeNeeds(q.value.speed(needed.value)),
            [7, 5],
          ),
          ...(gas.value && gas.value.limitMPerS < 8
            ? { gas: line(gas.value.limitMPerS, says.theShieldGasBears(q.value.speed(gas.value.limitMPerS)), [], 'end') }
            : {}),
        },
      },
      legend: { display: false },
      tooltip: { enabled: false },
    },
  }
})
/** Mouths with corners are read by a second school too; a wide flat rim is beyond it. */
const otherSchool = computed(() => {
  const { widthM, heightM, flanged, flowM3PerS, kind } = hood.value ?? {}
  if (kind !== 'opening' || flanged || !widthM || !heightM || !flowM3PerS || !prediction.distanceM) return null
  return says.byTheSchoolThatMeasured(q.value.speed(rectangleVelocityMPerS(flowM3PerS, widthM, heightM, prediction.distanceM)))
})
const reading = computed(
  () => window.value?.findings.map(said => lookup.say(said)).map(({ message, todo }) => [message, todo].filter(Boolean).join(' ')) ?? [],
)
/** Every fourth distance, for those who cannot see the chart. */
const table = computed(() => points.value.filter((_, i) => i % 6 === 0))

const columns = computed<readonly TableColumnOf<{ readonly x: number, readonly y: number }>[]>(() => [
  { id: 'x', header: says.distance(units.value.reach.unit), said: ({ x }) => String(Number(x.toFixed(1))) },
  { id: 'y', header: says.pullAtTheArc(units.value.speed.unit), said: ({ y }) => String(Number(y.toPrecision(2))) },
])
</script>

<template>
  <section class="window" :aria-label="says.captureWindow">
    <h3>{{ says.whereTheHoodWorks }}</h3>
    <p v-if="!hood" class="soft">
      {{ says.noHoodStandsHere }}
    </p>
    <template v-else>
      <p>
        <b
          v-if="window?.windowM"
        >{{ says.itDoesFromToThe(
          q.reach(window.windowM[0]),
          q.reach(window.windowM[1]),
          isAbove ? says.over : says.beside,
          prediction.distanceM !== null ? says.andStandsAt(q.reach(prediction.distanceM)) : '',
        ) }}</b>
        {{ reading[0] }}
      </p>
      <div v-if="points.length > 0" class="chart">
        <Scatter
          :data="data"
          :options="options"
          role="img"
          :aria-label="says.pullOfTheHoodAgainst"
        />
      </div>
      <p v-if="otherSchool" class="soft">
        {{ otherSchool }}
      </p>
      <p v-for="(said, index) in reading.slice(1)" :key="index" class="soft">
        {{ said }}
      </p>
      <details v-if="table.length > 0">
        <summary>{{ says.theChartInNumbers }}</summary>
        <FrameTable is-figures :columns="columns" :rows="table" :name="says.theChartInNumbers" :key-of="({ x }) => String(x)" />
      </details>
    </template>
  </section>
</template>

<style scoped>
.window { display: grid; gap: var(--space-4); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
/* The canvas is out of the flow: one that was drawn wide must not hold its frame open when the tablet is turned. */
.chart { height: 240px; position: relative; min-width: 0; }
.chart :deep(canvas) { position: absolute; inset: 0; }
summary { min-height: 44px; display: flex; align-items: center; cursor: pointer; font-weight: 700; }
</style>
