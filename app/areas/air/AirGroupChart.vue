<script setup lang="ts">
import { Chart, LinearScale, LineElement, LogarithmicScale, PointElement, ScatterController } from 'chart.js'
import annotation from 'chartjs-plugin-annotation'
import { Scatter } from 'vue-chartjs'
import type { ExposureGroup } from '#core/air/exposure-groups'
import { airPages } from '~/words/air'

const says = airPages.groups

Chart.register(ScatterController, LineElement, PointElement, LinearScale, LogarithmicScale, annotation)

/** What was measured of a group, day by day: found as dots, below the limit of quantification as hollow triangles, the limit across. */
const { group } = defineProps<{ group: ExposureGroup }>()
const q = useQuantities()
const { day } = useDates()
const { ink, still, soft, title, label } = useChartLook()

const msOfDay = (takenOn: string): number => Date.parse(`${takenOn}T12:00:00Z`)
const pointsOf = (isBelowLoq: boolean) =>
  group.samples.filter(one => one.isBelowLoq === isBelowLoq).map(({ takenOn, value }) => ({ x: msOfDay(takenOn), y: value }))
const limit = computed(() => group.judged ? group.judged.limit.valueMgPerM3 / group.judged.limit.perElement : null)
const line = computed(() => {
  const [first, last] = [group.samples[0], group.samples.at(-1)]
  if (typeof group.trend === 'string' || !first || !last) return []
  return [{ x: msOfDay(first.takenOn), y: group.trend.from }, { x: msOfDay(last.takenOn), y: group.trend.to }]
})
const data = computed(() => ({
  datasets: [
    { data: pointsOf(false), pointRadius: 6, pointStyle: 'circle' as const, backgroundColor: ink.value.ink },
    {
      data: pointsOf(true),
      pointRadius: 7,
      pointStyle: 'triangle' as const,
      rotation: 180,
      backgroundColor: ink.value.panel,
      borderColor: ink.value.ink,
      borderWidth: 2,
    },
    { data: line.value, showLine: true, pointRadius: 0, borderColor: ink.value.soft, borderWidth: 2, borderDash: [6, 4] },
  ],
}))
const DAY_MS = 24 * 3600_000
const options = computed(() => {
  const values = group.samples.map(({ value }) => value)
  const all = limit.value === null ? values : [...values, limit.value]
  const days = group.samples.map(({ takenOn }) => msOfDay(takenOn))
  return {
    ...still,
    scales: {
      x: {
        type: 'linear' as const,
        min: Math.min(...days) - 10 * DAY_MS,
        max: Math.max(...days) + 10 * DAY_MS,
        ticks: {
          ...soft.value, maxTicksLimit: 6, callback: (ms: string | number) => day(new Date(Number(ms)).toISOString().slice(0, 10)),
        },
        grid: { color: ink.value.rule },
      },
      y: {
        type: 'logarithmic' as const,
        min: Math.min(...all) / 2,
        max: Math.max(...all) * 2,
        title: title('mg/m³'),
        ticks: { ...soft.value, maxTicksLimit: 6 },
        grid: { display: false },
      },
    },
    plugins: {
      annotation: {
        annotations: limit.value === null
          ? {}
          : {
              limit: {
                type: 'line' as const,
                yMin: limit.value,
                yMax: limit.value,
                borderColor: ink.value.ink,
                borderWidth: 3,
                label: label(says.limit(q.value.limit(limit.value)), 'start'),
              },
            },
      },
      legend: { display: false },
      tooltip: { enabled: false },
    },
  }
})
</script>

<template>
  <div class="chart">
    <Scatter :data="data" :options="options" :aria-label="says.chart" role="img" />
  </div>
</template>

<style scoped>
.chart { height: 260px; }
</style>
