<script setup lang="ts">
import { exposureGroups, WIDE_GSD } from '#core/air/exposure-groups'
import type { ExposureGroup } from '#core/air/exposure-groups'
import type { TableColumnOf } from '~/frame/table'
import { airPages } from '~/words/air'

const says = airPages.groups

/** Everything that was measured in the shop, by groups of like exposure: the test of each, and how it went over the months. */
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const { day } = useDates()
const groups = computed(() => exposureGroups(judged.standing))

const workOf = ({ work: { process, consumable, baseMetal, coating } }: ExposureGroup): string => [
  words.processes[process],
  consumable && words.consumables[consumable],
  baseMetal && words.baseMetals[baseMetal],
  coating && coating !== 'none' && words.coatings[coating],
].filter(Boolean).join(' · ')
const verdictOf = ({ judged: found }: ExposureGroup): string => found ? words.sampleVerdicts[found.answer.verdict] : says.noLimit
const percentOf = (factor: number): string => `${factor >= 1 ? '+' : '−'}${Math.abs((factor - 1) * 100).toFixed(0)} %`
function trendOf({ trend }: ExposureGroup): string {
  if (typeof trend === 'string') return says.noTrend[trend]
  return says.trends[trend.says](percentOf(trend.perMonth), percentOf(trend.low), percentOf(trend.high))
}
const columns = computed<readonly TableColumnOf<ExposureGroup>[]>(() => [
  { id: 'work', header: says.work, said: workOf, by: true, place: 'wide' },
  { id: 'substance', header: says.substance, said: ({ substance }) => words.substances[substance], by: true, look: 'named' },
  { id: 'count', header: says.results, said: ({ samples }) => says.countOf(samples.length), by: ({ samples }) => samples.length },
  { id: 'verdict', header: says.verdict, said: verdictOf, by: true, marks: ({ judged: found }) =>
    found?.answer.verdict === 'compliant' ? 'state-open' : 'state-hold' },
  { id: 'trend', header: says.trend, said: trendOf },
  { id: 'look', header: says.look, isHeard: true, place: 'end' },
])
const lookedAt = ref<string | null>(null)
const shown = computed(() => groups.value.find(({ key }) => key === lookedAt.value) ?? null)
const shownPart = useTemplateRef('shown-group')
watch(shown, () => shownPart.value?.scrollIntoView({ block: 'nearest' }), { flush: 'post' })
const labelOf = (bayId: string): string => lookup.find(bayId)?.bay.label ?? bayId

const taken = () => ({
  fields: [says.work, says.substance, says.takenOn, says.mgPerM3, says.belowLoq],
  data: groups.value.flatMap(group => group.samples.map(({ takenOn, value, isBelowLoq }) =>
    [workOf(group), words.substances[group.substance], takenOn, String(value), isBelowLoq ? says.yes : says.no])),
})
const results = computed(() => groups.value.reduce((sum, { samples }) => sum + samples.length, 0))
</script>

<template>
  <section class="groups" :aria-label="says.title">
    <header>
      <h2>{{ says.title }}</h2>
      <NuxtLink class="key quiet link" to="/air">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ says.whatTheyAre }}
    </p>
    <FrameTable :columns="columns" :rows="groups" :name="says.title" :key-of="({ key }) => key" :empty="says.nothingMeasured">
      <template v-if="results > 0" #tools>
        <FrameTakeOut name="samples-of-the-shop" :rows="taken" :count="results" />
      </template>
      <template #look="{ row }">
        <FrameKey :picked="row.key === lookedAt" @click="lookedAt = row.key === lookedAt ? null : row.key">
          {{ says.look }} <span class="visually-hidden">{{ words.substances[row.substance] }}, {{ workOf(row) }}</span>
        </FrameKey>
      </template>
    </FrameTable>
    <section v-if="shown" ref="shown-group" class="shown" :aria-label="`${words.substances[shown.substance]}, ${workOf(shown)}`">
      <h3>{{ words.substances[shown.substance] }}, {{ workOf(shown) }}</h3>
      <LazyAirGroupChart :group="shown" />
      <p>
        {{ says.atBays(shown.bayIds.map(labelOf).join(', '), day(shown.samples[0]!.takenOn), day(shown.samples.at(-1)!.takenOn)) }}
        <template v-if="shown.judged?.answer.summary">
          {{ says.middleAndSpread(q.concentration(shown.judged.answer.summary.gm), shown.judged.answer.summary.gsd.toFixed(2)) }}
        </template>
      </p>
      <p>{{ says.trend }}: {{ trendOf(shown) }}.</p>
      <p v-if="shown.isWide" class="said">
        {{ says.wide(WIDE_GSD) }}
      </p>
    </section>
  </section>
</template>

<style scoped>
.groups { display: grid; grid-template-columns: minmax(0, 1fr); gap: var(--space-5); }
header { display: flex; justify-content: space-between; align-items: center; gap: var(--space-5); }
h2, .groups p, h3 { margin: 0; }
.shown {
  border: var(--line-rule) solid var(--ink); padding: var(--space-5); background: var(--panel);
  display: grid; grid-template-columns: minmax(0, 1fr); gap: var(--space-4);
}
h3::first-letter { text-transform: uppercase; }
</style>
