<script setup lang="ts">
import type { AirOfDay, SubstanceOfDay } from '#core/exposure/air-of-day'
import { personStream } from '#core/ids/streams'
import { keepingRuleOf } from '#core/law/record-keeping'
import type { TableColumnOf } from '~/frame/table'
import { citation } from '~/words/citation'
import { peoplePages } from '~/words/people'

const says = peoplePages.airRecord

/** What somebody breathed, day by day, as it was kept when each day ended: their own, or read by who reads the whole record. */
const { personId, isOwn = false } = defineProps<{ personId: string, isOwn?: boolean }>()
const facts = useFacts()
const lookup = useLookup()
const q = useQuantities()
const { day: dayOf } = useDates()

/** Only days before this one; undefined from the newest. */
const before = ref<string>()
const { reading, problem } = useReading('people/{personId}/air', () => ({ personId, before: before.value }), among(personStream(personId)))
const days = computed(() => reading.value?.days ?? [])
const action = computed(() => facts.rules.actionFraction)
const overAction = computed(() => days.value.filter(({ fraction }) => fraction !== null && fraction > action.value).length)
const unsaid = computed(() => days.value.filter(({ fraction }) => fraction === null).length)
const rule = computed(() => keepingRuleOf(facts.rules.jurisdiction))

const lasting = (minutes: number): string =>
  minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 === 0 ? '' : ` ${minutes % 60} min`}`
const label = (bayId: string): string => lookup.find(bayId)?.bay.label ?? bayId
const where = ({ work }: AirOfDay): string =>
  work.map(({ bayId, minutes, processes }) =>
    minutes === 0
      ? says.bay(label(bayId))
      : says.bayFor(label(bayId), lasting(minutes), processes.map(process => words.processes[process]).join(', '))).join('; ')
const hardestOf = ({ substances }: AirOfDay): SubstanceOfDay | null =>
  substances.reduce<SubstanceOfDay | null>((most, one) => (one.use?.fraction ?? 0) > (most?.use?.fraction ?? 0) ? one : most, null)
function hardest(one: AirOfDay): string {
  const failed = one.sampled.filter(({ verdict }) => verdict === 'non-compliant').map(({ substance }) => words.substances[substance])
  return [reckonedHardest(one), ...failed.map(says.samplesFail)].join('; ')
}
function reckonedHardest(one: AirOfDay): string {
  if (one.mixture) return says.together(words.mixtureGroups[one.mixture.group])
  const most = hardestOf(one)
  return most?.use ? says.ofLimit(words.substances[most.substance], words.limitKinds[most.use.kind]) : says.cannotBeSaid
}
const columns = computed<readonly TableColumnOf<AirOfDay>[]>(() => [
  { id: 'day', header: says.day, said: ({ day }) => dayOf(day), by: ({ day }) => day, place: 'whole' },
  { id: 'where', header: says.where, said: where },
  { id: 'hardest', header: says.hardest, said: hardest, by: true },
  { id: 'share', header: says.share, by: ({ fraction }) => fraction ?? -1 },
  { id: 'look', header: says.look, isHeard: true, place: 'end' },
])

const lookedAt = ref<string | null>(null)
const shown = computed(() => days.value.find(({ day }) => day === lookedAt.value) ?? null)
const dayPart = useTemplateRef('day')
// It opens under a long table: whoever asked for it is taken there.
watch(shown, () => {
  dayPart.value?.scrollIntoView({ block: 'nearest' })
  dayPart.value?.focus({ preventScroll: true })
}, { flush: 'post' })
const ofDay = computed<readonly TableColumnOf<SubstanceOfDay>[]>(() => [
  { id: 'substance', header: says.substance, said: ({ substance }) => words.substances[substance], look: 'named' },
  {
    id: 'shift',
    header: says.overEightHours,
    said: ({ twaMgPerM3: { mid, high } }) => says.middleAndHigh(q.value.concentration(mid), q.value.concentration(high)),
  },
  {
    id: 'worst',
    header: says.atWorst,
    said: ({ shortTermMgPerM3, peakMgPerM3 }) =>
      says.quarterAndPeak(q.value.concentration(shortTermMgPerM3), q.value.concentration(peakMgPerM3)),
  },
  {
    id: 'limit',
    header: says.limit,
    said: ({ use }) => use
      ? says.limitOf(q.value.limit(use.limitMgPerM3), words.limitKinds[use.kind], words.exposureRuleSets[use.ruleSet])
      : says.none,
  },
  { id: 'share', header: says.share, said: ({ use }) => use ? q.value.part(use.fraction) : '–', look: 'print' },
])

/** Every substance of every day in a row of its own. */
const taken = () => ({
  fields: [
    says.day, says.where, says.substance, says.middleMgPerM3, says.highMgPerM3, says.quarterMgPerM3, says.peakMgPerM3,
    says.limitMgPerM3, says.limitKind, says.limitFrom, says.share, says.notCounted,
  ],
  data: days.value.flatMap((one) => {
    const [at, place, left] = [one.day, where(one), one.unknownBays.map(label).join(', ')]
    if (one.substances.length === 0) return [[at, place, says.cannotBeSaid, '', '', '', '', '', '', '', '', left]]
    return one.substances.map(({ substance, twaMgPerM3, shortTermMgPerM3, peakMgPerM3, use }) => [
      at,
      place,
      words.substances[substance],
      String(twaMgPerM3.mid),
      String(twaMgPerM3.high),
      String(shortTermMgPerM3),
      String(peakMgPerM3),
      use ? String(use.limitMgPerM3) : '',
      use ? words.limitKinds[use.kind] : '',
      use ? words.exposureRuleSets[use.ruleSet] : '',
      use ? String(use.fraction) : '',
      left,
    ])
  }),
})
</script>

<template>
  <section class="kept" :aria-label="isOwn ? says.mine : says.theirs">
    <h2>{{ isOwn ? says.mine : says.theirs }}</h2>
    <p class="soft">
      {{ says.howItIsKept }}
    </p>
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <template v-if="reading">
      <p v-if="days.length > 0">
        {{ says.daysKept(days.length, overAction, q.percent(action)) }} {{ unsaid > 0 ? says.daysUnsaid(unsaid) : '' }}
      </p>
      <FrameTable
        :columns="columns"
        :rows="days"
        :name="isOwn ? says.mine : says.theirs"
        :key-of="({ day }) => day"
        :empty="says.nothingYet"
        :at-once="15"
      >
        <template v-if="days.length > 0" #tools>
          <FrameTakeOut name="air-by-day" :rows="taken" :count="days.length" />
        </template>
        <template #share="{ row }">
          <span v-if="row.fraction !== null" class="share">
            <AirTemper :fraction="row.fraction" :action="action" />
            <b class="print">{{ q.part(row.fraction) }}</b>
          </span>
          <template v-else>
            {{ says.cannotBeSaid }}
          </template>
        </template>
        <template #look="{ row }">
          <FrameKey :picked="row.day === lookedAt" @click="lookedAt = row.day === lookedAt ? null : row.day">
            {{ says.allOfIt }} <span class="visually-hidden">{{ dayOf(row.day) }}</span>
          </FrameKey>
        </template>
      </FrameTable>
      <section v-if="shown" ref="day" class="day" :aria-label="dayOf(shown.day)" tabindex="-1">
        <h3>{{ dayOf(shown.day) }}: {{ where(shown) }}</h3>
        <FrameTable
          v-if="shown.substances.length > 0"
          :columns="ofDay"
          :rows="shown.substances"
          :name="dayOf(shown.day)"
          :key-of="({ substance }) => substance"
        />
        <p v-if="shown.mixture">
          {{ says.togetherIs(words.mixtureGroups[shown.mixture.group], q.part(shown.mixture.fraction)) }}
        </p>
        <p v-if="shown.unknownBays.length > 0" class="said">
          {{ says.notCountedAt(shown.unknownBays.map(label).join(', ')) }}
        </p>
        <p v-for="{ substance, bayId, takenOn, count, verdict } in shown.sampled" :key="`${bayId} ${substance}`">
          {{ says.sampled(words.substances[substance], label(bayId), count, dayOf(takenOn), words.sampleVerdicts[verdict]) }}
        </p>
      </section>
      <div v-if="reading.hasMore || before !== undefined" class="keys">
        <FrameKey v-if="before !== undefined" @click="before = undefined">
          {{ says.newest }}
        </FrameKey>
        <FrameKey v-if="reading.hasMore" @click="before = days.at(-1)!.day">
          {{ says.earlier }}
        </FrameKey>
      </div>
      <p class="soft">
        {{ says.keptFor(rule.years) }} {{ citation(rule.source) }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.kept {
  border-top: var(--line-rule) solid var(--ink);
  margin-top: var(--space-9);
  padding-top: var(--space-5);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-4);
}
.kept h2, .kept p, .day h3 { margin: 0; }
.kept > p { max-width: 860px; }
.share { display: grid; grid-template-columns: minmax(90px, 160px) auto; gap: var(--space-4); align-items: center; }
.day {
  border: var(--line-rule) solid var(--ink); padding: var(--space-5); background: var(--panel);
  scroll-margin-top: calc(56px + var(--space-8));
}
.day > * + * { margin-top: var(--space-4); }
</style>
