<script setup lang="ts">
import Papa from 'papaparse'
import { judgeAgainstLimits } from '#core/air/measured-air'
import { workPatternOf } from '#core/streams/house-rules/house-rules'
import { exposureRuleSetsInForce } from '#core/exposure/rule-sets'
import type { DateOrder, DecimalMark, SampleColumn, SampleReading, Separator } from '#core/samples/read-samples'
import {
  DATE_ORDERS,
  DECIMAL_MARKS,
  detectFormat,
  guessColumns,
  looksLikeHeading,
  readSamples,
  SAMPLE_COLUMNS,
  SEPARATORS,
} from '#core/samples/read-samples'
import { UNSAMPLED_RULES } from '#core/samples/shift-average'
import type { UnsampledRule } from '#core/samples/shift-average'
import type { SubstanceId } from '#core/ids/vocabulary'
import { SUBSTANCES } from '#core/ids/vocabulary'
import type { Placed } from '~/stores/judged'
import { makeUuid } from '~/stores/outbox'
import { samplesStream } from '#core/ids/streams'
import { airPages } from '~/words/air'

const says = airPages.samplesEntry

/** Typed, pasted or read from a file: columns are guessed and can be put right, every row that cannot be read is named. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const { send, refused } = useSender()
const q = useQuantities()

const text = ref('')
const substance = ref<SubstanceId | ''>('manganese')
const takenOn = ref(judged.viewAt(placed.bay).air.shopDay)
const columns = ref<SampleColumn[]>([])
const concentrationUnit = ref<SampleReading['concentrationUnit']>('mg/m3')
const massUnit = ref<SampleReading['massUnit']>('ug')
const volumeUnit = ref<SampleReading['volumeUnit']>('L')
const unsampled = ref<UnsampledRule | ''>('as-sampled')
const { said: fileSaid, read: readFile } = useListFile((read) => {
  text.value = read
})

/** How the table is written: found, shown, and put right by whoever knows it. */
const format = computed(() => detectFormat(text.value))
const separator = ref<Separator>(';')
const decimal = ref<DecimalMark | ''>('.')
const dates = ref<DateOrder | ''>('')
watch(format, (found) => {
  separator.value = found.separator
  decimal.value = found.decimal ?? ''
  dates.value = found.dates ?? ''
}, { immediate: true })
const table = computed(() => Papa.parse<string[]>(text.value.trim(), { skipEmptyLines: 'greedy', delimiter: separator.value }).data)
const heading = computed(() => table.value[0] && table.value.length > 1 && looksLikeHeading(table.value[0]) ? table.value[0] : null)
const rows = computed(() => heading.value ? table.value.slice(1) : table.value)
const width = computed(() => Math.max(0, ...table.value.map(row => row.length)))
watch([heading, width], () => {
  columns.value = [...guessColumns(heading.value, Array.from({ length: width.value }, (_, i) => rows.value[0]?.[i] ?? ''))]
  const title = heading.value?.[columns.value.indexOf('concentration')] ?? ''
  if (/[uµ]g/i.test(title)) concentrationUnit.value = 'ug/m3'
  else if (/mg/i.test(title)) concentrationUnit.value = 'mg/m3'
})
const read = computed(() =>
  readSamples(rows.value, {
    columns: columns.value,
    concentrationUnit: concentrationUnit.value,
    massUnit: massUnit.value,
    volumeUnit: volumeUnit.value,
    unsampled: unsampled.value || 'as-sampled',
    decimal: decimal.value || '.',
    dates: dates.value || null,
  }),
)
const has = (column: SampleColumn) => columns.value.includes(column)
const isAsking = computed(() => decimal.value === '' || (has('day') && dates.value === ''))
const canRead = computed(() => !isAsking.value && (has('concentration') || (has('mass') && has('volume'))))
const setColumn = (i: number, column: SampleColumn) => {
  columns.value = columns.value.map((old, j) => (j === i ? column : old === column && column !== 'ignore' ? 'ignore' : old))
}

/** The verdict before anything is saved: as it will be judged. */
const preview = computed(() =>
  substance.value && read.value.results.length > 0
    ? judgeAgainstLimits(
        read.value.results,
        substance.value,
        exposureRuleSetsInForce(facts.rules.jurisdiction, facts.rules.exposureBasis),
        workPatternOf(facts.rules),
      )
    : null,
)
const errorWords = {
  'missing': says.isMissing,
  'not-a-number': says.isNoNumber,
  'not-above-zero': says.mustBeAboveZeroWrite,
  'no-flag': says.isNeitherYesNorNo,
  'no-date': says.isNoDateInThis,
} as const

async function save() {
  if (!substance.value) return
  const expectedVersion = facts.reading?.air.versions.samples[placed.bay.bayId] ?? 0
  const sent = await send(
    'samples.record',
    { id: samplesStream(placed.bay.bayId), expectedVersion },
    {
      surveyId: makeUuid(),
      substance: substance.value,
      takenOn: takenOn.value,
      results: read.value.results.map(({ label, value, isBelowLoq, minutes }) => ({
        label: label.slice(0, 60),
        mgPerM3: value,
        isBelowLoq,
        minutes,
      })),
    },
  )
  if (sent.ok) emit('done')
}
</script>

<template>
  <FrameForm class="entry-form" :aria-label="says.putSamplesIn" @send="save">
    <p class="soft">
      {{ says.personalSamplesOneRowEach }}
    </p>
    <div class="columns">
      <FrameSelect v-model="substance" :label="says.substance" :ids="SUBSTANCES" :named="id => words.substances[id]" />
      <FrameDay v-model="takenOn" :label="says.dayOfTheLastSample" is-needed />
    </div>
    <FrameField
      v-slot="{ id, describedBy }"
      :label="says.resultsTypedOrPastedFrom"
      :lacks="!canRead || read.results.length === 0 ? says.noResultReadYet : ''"
      :hint="says.oneRowASample0"
    >
      <UTextarea :id="id" v-model="text" :ui="{ base: 'area' }" :rows="6" spellcheck="false" :aria-describedby="describedBy" />
    </FrameField>
    <FrameFile :label="says.orAFile" accept=".csv,.txt,.xlsx,text/csv" :hint="fileSaid" @chosen="readFile" />
    <template v-if="width > 0">
      <h4>{{ says.howItIsWritten }}</h4>
      <div class="columns">
        <FrameSelect v-model="separator" :label="says.columnsArePartedBy" :ids="SEPARATORS" :named="id => words.separators[id]" />
        <FrameSelect
          v-model="decimal"
          :label="says.decimalsStandAfter"
          :ids="DECIMAL_MARKS"
          :named="id => words.decimalMarks[id]"
          :none="says.choose"
        />
        <FrameSelect
          v-if="has('day')"
          v-model="dates"
          :label="says.datesAreWritten"
          :ids="DATE_ORDERS"
          :named="id => words.dateOrders[id]"
          :none="says.choose"
        />
      </div>
      <p v-if="isAsking" class="said" role="alert">
        <template v-if="decimal === ''">
          {{ says.aNumberLike1250 }}
        </template>
        <template v-else>
          {{ says.theDayCannotBeTold }}
        </template>
      </p>
      <h4>{{ says.whatTheColumnsAre }}</h4>
      <div class="columns">
        <FrameSelect
          v-for="(column, i) in columns"
          :key="i"
          :label="heading?.[i] || says.column(i + 1)"
          :ids="SAMPLE_COLUMNS"
          :named="id => words.sampleColumns[id]"
          :model-value="column"
          :hint="rows[0]?.[i] ? says.first(rows[0][i]) : ''"
          @update:model-value="setColumn(i, $event as SampleColumn)"
        />
        <FrameSelect
          v-if="has('concentration')"
          v-model="concentrationUnit"
          :label="says.unit"
          :ids="['mg/m3', 'ug/m3']"
          :named="id => id === 'mg/m3' ? 'mg/m³' : 'µg/m³'"
        />
        <FrameSelect
          v-if="has('mass')"
          v-model="massUnit"
          :label="says.unitOfMass"
          :ids="['mg', 'ug']"
          :named="id => id === 'mg' ? 'mg' : 'µg'"
        />
        <FrameSelect
          v-if="has('volume')"
          v-model="volumeUnit"
          :label="says.unitOfVolume"
          :ids="['L', 'm3']"
          :named="id => id === 'L' ? 'L' : 'm³'"
        />
        <FrameSelect
          v-if="(has('shift') || has('person')) && has('minutes')"
          v-model="unsampled"
          :label="says.thePartOfAShift"
          :ids="UNSAMPLED_RULES"
          :named="id => words.unsampledRules[id]"
        />
      </div>
      <p v-if="!canRead && !isAsking" class="said">
        {{ says.nameTheColumnThatIs }}
      </p>
      <template v-else-if="canRead">
        <ul v-if="read.errors.length > 0" class="errors" role="alert">
          <li v-for="({ row, column, problem, text: typed }, i) in read.errors" :key="i">
            {{ says.rowItIsLeftOut(row, words.sampleColumns[column], typed ? `"${typed}" ` : '', errorWords[problem]) }}
          </li>
        </ul>
        <h4>{{ says.read(read.results.length, read.results.length === 1 ? says.shift : says.shifts) }}</h4>
        <p class="results">
          <span
            v-for="{ label, value, isBelowLoq, rows: from } in read.results"
            :key="label"
            class="print"
          >{{ label }}: {{ isBelowLoq ? says.below : '' }}{{ q.concentration(value) }}{{ from.length > 1 ? says.pieces(from.length) : '' }}</span>
        </p>
        <p v-if="preview" class="said" :class="{ 'is-open': preview.answer.verdict === 'compliant' }" role="status">
          {{ says.against(q.limit(preview.limit.valueMgPerM3), words.exposureRuleSets[preview.limit.ruleSet]) }}
          <b>{{ words.sampleVerdicts[preview.answer.verdict] }}</b>.
          {{ lookup.sayAll(preview.answer.findings).map(({ message, todo }) => [message, todo].filter(Boolean).join(' ')).join(' ') }}
        </p>
      </template>
    </template>
    <FrameRefused :says="refused" />
    <div class="keys">
      <FrameKey @click="emit('done')">
        {{ says.leaveIt }}
      </FrameKey>
      <FrameKey look="go" type="submit">
        {{ says.record(read.results.length, read.results.length === 1 ? says.result : says.results) }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.entry-form { display: grid; gap: var(--space-5); border: var(--line-heavy) solid var(--ink); padding: var(--space-6); background: var(--bg); }
:deep(.area) { min-height: 150px; padding: var(--space-5) var(--space-6); }
.errors { display: grid; gap: var(--space-2); color: var(--stop); font-weight: 650; }
.results { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-7); font-size: var(--type-small); }
h4 { font-weight: 800; }
</style>
