<script setup lang="ts">
import { Chart, LinearScale, LineElement, PointElement, ScatterController } from 'chart.js'
import annotation from 'chartjs-plugin-annotation'
import { Scatter } from 'vue-chartjs'
import { monitorBounds } from '#core/monitor/monitor-bounds'
import { shownReading } from '#core/monitor/quantity-units'
import { monitorStream } from '#core/ids/streams'
import { airPages } from '~/words/air'

const says = airPages.monitors

Chart.register(ScatterController, LineElement, PointElement, LinearScale, annotation)

/** What an instrument read over the last hours: lowest and highest of every stretch, and the bounds drawn across. */
const { monitorId } = defineProps<{ monitorId: string }>()
const facts = useFacts()
const { ink, still, soft, title, label } = useChartLook()
const { time } = useDates()
const { reading } = useReading('monitors/{monitorId}', () => ({ monitorId }), streamId => streamId === monitorStream(monitorId))

const monitor = computed(() => reading.value?.monitor ?? null)
const stretches = computed(() => reading.value?.stretches ?? [])
const shown = (value: number): number => (monitor.value ? shownReading(monitor.value.quantity, value).value : value)
const unit = computed(() => (monitor.value ? shownReading(monitor.value.quantity, 0).unit : ''))
const highest = computed(() => Math.max(...stretches.value.map(one => shown(one.highest)), 0))
/** Bounds far above what was ever read are out of the picture. */
const bounds = computed(() => {
  const all = monitor.value ? monitorBounds(monitor.value.quantity, facts.rules) : []
  const near = all.filter(({ value, isLeast }) => isLeast || shown(value) <= 4 * highest.value)
  return near.length > 0 ? near : all.slice(-1)
})
const line = (pick: 'lowest' | 'highest', width: number, colour: string) => ({
  data: stretches.value.map(one => ({ x: Date.parse(one.at), y: shown(one[pick]) })),
  showLine: true,
  pointRadius: stretches.value.length < 3 ? 4 : 0,
  borderWidth: width,
  borderColor: colour,
  pointBackgroundColor: colour,
  stepped: 'after' as const,
})
const data = computed(() => ({ datasets: [line('highest', 3, ink.value.ink), line('lowest', 1, ink.value.soft)] }))
/** The picture begins and ends with what was heard. */
const ends = computed(() => {
  const [first, last] = [stretches.value[0], stretches.value.at(-1)]
  return first && last ? { min: Date.parse(first.at), max: Date.parse(last.at) + 120_000 } : {}
})
const options = computed(() => ({
  ...still,
  scales: {
    x: {
      type: 'linear' as const,
      ...ends.value,
      ticks: {
        ...soft.value,
        maxTicksLimit: 6,
        callback: (ms: string | number) => time(new Date(Number(ms)).toISOString()),
      },
      grid: { color: ink.value.rule },
    },
    y: {
      type: 'linear' as const,
      suggestedMin: monitor.value?.quantity === 'oxygen' ? 19 : 0,
      suggestedMax: Math.max(highest.value, ...bounds.value.map(({ value }) => shown(value))) * 1.1,
      title: title(unit.value),
      ticks: { ...soft.value, maxTicksLimit: 6 },
      grid: { display: false },
    },
  },
  plugins: {
    annotation: {
      annotations: Object.fromEntries(bounds.value.map(({ bound, value }) => [bound, {
        type: 'line' as const,
        yMin: shown(value),
        yMax: shown(value),
        borderColor: ink.value.ink,
        borderWidth: 3,
        label: label(words.monitorBounds[bound], 'start'),
      }])),
    },
    legend: { display: false },
    tooltip: { enabled: false },
  },
}))
const count = computed(() => stretches.value.reduce((sum, one) => sum + one.count, 0))
const said = computed(() => says.overTheLastHours(`${Number(highest.value.toPrecision(3))} ${unit.value}`, count.value))
</script>

<template>
  <figure v-if="stretches.length > 0" class="hours">
    <div class="chart">
      <Scatter :data="data" :options="options" role="img" :aria-label="said" />
    </div>
    <figcaption class="soft">
      {{ said }}
    </figcaption>
  </figure>
</template>

<style scoped>
.hours { inline-size: 100%; display: grid; gap: var(--space-2); }
/* The canvas is out of the flow: one that was drawn wide must not hold its frame open when the tablet is turned. */
.chart { height: 180px; position: relative; min-width: 0; }
.chart :deep(canvas) { position: absolute; inset: 0; }
figcaption { font-size: var(--type-small); }
</style>
