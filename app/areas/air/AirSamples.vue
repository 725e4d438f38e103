<script setup lang="ts">
import type { JudgedSurvey } from '#core/air/measured-air'
import { measuredAt, surveyedAt } from '#core/air/surveyed'
import type { Placed } from '~/stores/judged'
import { samplesStream } from '#core/ids/streams'
import type { TableColumnOf } from '~/frame/table'
import { airPages } from '~/words/air'
import { language } from '~/words/live'

const says = airPages.samples
const { day } = useDates()

/** Measured samples of a bay: what each survey says in a sentence, its distribution, and the way to put in another. */
const { placed } = defineProps<{ placed: Placed }>()
const facts = useFacts()
const judgedBays = useJudged()
const lookup = useLookup()
const session = useSession()
const { send, refused } = useSender()
const q = useQuantities()
const isAdding = ref(false)

const place = computed(() => surveyedAt(judgedBays.standing, placed.bay.bayId))
const measured = computed(() => measuredAt(judgedBays.standing, placed.bay.bayId))
const judged = computed<readonly JudgedSurvey[]>(() => [...measured.value.judged].reverse())
/** What speaks for one substance is one sample: the verdict stands on all of it. */
const together = computed(() =>
  measured.value.pooled.map(({ substance, surveys, findings }) => ({
    substance,
    count: surveys.length,
    said: lookup.sayAll(findings),
    isOpen: findings.every(({ severity }) => severity === 'note'),
  })),
)
const version = computed(() => facts.reading?.air.versions.samples[placed.bay.bayId] ?? 0)
const mayRecord = computed(() => session.may('record-samples'))

const sentence = ({ survey, standing, answer, findings }: JudgedSurvey): string => {
  if (standing === 'withdrawn') return says.withdrawn
  if (answer === null) return says.noLimitThatBindsHere
  return (
    findings
      .map(said => lookup.say(said))
      .map(({ message, todo }) => [message, todo].filter(Boolean).join(' '))
      .join(' ') || words.sampleVerdicts[answer.verdict] + ` (${survey.results.length})`
  )
}
const withdraw = (surveyId: string) =>
  send(
    'samples.withdraw',
    { id: samplesStream(placed.bay.bayId), expectedVersion: version.value },
    { surveyId, reason: says.withdrawnOnTheAirPage },
  )

/** Every result by itself, with what its survey came to. */
const taken = () => ({
  fields: [
    says.substance, says.takenOn, says.label, says.mgPerM3, says.belowLoq, says.minutes, says.limitMgPerM3, says.verdict, says.standing,
  ],
  data: judged.value.flatMap(({ survey, standing, limit, answer }) => survey.results.map(({ label, mgPerM3, isBelowLoq, minutes }) => [
    words.substances[survey.substance],
    survey.takenOn,
    label,
    String(mgPerM3),
    isBelowLoq ? says.yes : says.no,
    minutes === null ? '' : String(minutes),
    limit ? String(limit.valueMgPerM3 / limit.perElement) : '',
    answer ? words.sampleVerdicts[answer.verdict] : '',
    says.standings[standing],
  ])),
})
const results = computed(() => judged.value.reduce((sum, { survey }) => sum + survey.results.length, 0))

type Answer = NonNullable<JudgedSurvey['answer']>
const columnsOf = ({ uT }: Answer): readonly TableColumnOf<Answer['methods'][number]>[] => [
  { id: 'counted', header: says.counted, said: ({ method }) => words.substitutions[method] },
  { id: 'gm', header: says.geometricMean, said: ({ gm }) => q.value.concentration(gm) },
  { id: 'gsd', header: says.spread, said: ({ gsd }) => gsd.toFixed(2) },
  { id: 'reached', header: says.reached, said: ({ uR }) => uR === null ? '–' : says.of(uR.toFixed(3), uT!.toFixed(3)) },
  { id: 'verdict', header: says.verdict, said: ({ verdict }) => verdict ? words.sampleVerdicts[verdict] : says.notTested },
]
</script>

<template>
  <section class="samples" :aria-label="says.measuredSamples">
    <div class="top">
      <h3>{{ says.measuredSamples }}</h3>
      <FrameKey v-if="mayRecord && !isAdding" :disabled="place === null" @click="isAdding = true">
        {{ says.putSamplesIn }}
      </FrameKey>
    </div>
    <p v-if="judged.length === 0 && !isAdding" class="soft">
      {{ says.noneYetTheModelSpeaks(place === null ? says.theyBelongToAJob : '') }}
    </p>
    <FrameRefused :says="refused" />
    <p v-for="{ substance, count, said, isOpen } in together" :key="substance" class="said" :class="{ 'is-open': isOpen }">
      <template v-if="count > 1">
        {{ says.surveysOfCountAsOne(count, words.substances[substance]) }}
      </template><template v-for="{ message, todo } in said" :key="message">
        {{ message }} <b>{{ todo }}</b>
      </template>
    </p>
    <LazyAirSamplesEntry v-if="isAdding" :placed="placed" @done="isAdding = false" />
    <article v-for="one in judged" :key="one.survey.surveyId" class="survey" :class="one.standing">
      <h4>
        {{ words.substances[one.survey.substance] }}, {{ day(one.survey.takenOn) }}
        <span
          v-if="one.answer && one.standing !== 'withdrawn'"
          :class="one.answer.verdict === 'compliant' ? 'state-open' : 'state-hold'"
        >{{ words.sampleVerdicts[one.answer.verdict] }}</span>
      </h4>
      <p :class="{ 'said': one.standing === 'speaks', 'is-open': one.answer?.verdict === 'compliant' }">
        {{ sentence(one) }}
      </p>
      <LazyAirSamplesChart v-if="one.answer && one.limit && one.standing !== 'withdrawn'" :judged="one" />
      <FrameTable
        v-if="one.answer && one.answer.methods.length > 1"
        is-figures
        :columns="columnsOf(one.answer)"
        :rows="one.answer.methods"
        :name="says.counted"
        :key-of="({ method }) => method"
      />
      <FrameAsk
        v-if="mayRecord && one.standing !== 'withdrawn'"
        look="quiet"
        :asks="says.withdrawnTheyCount"
        :does="says.withdrawThese"
        @done="withdraw(one.survey.surveyId)"
      >
        {{ says.withdrawThese }}
      </FrameAsk>
    </article>
    <div v-if="judged.length > 0" class="out">
      <a
        v-if="mayRecord"
        class="key link"
        :href="`/api/v1/bays/${placed.bay.bayId}/samples-report?language=${language}`"
        target="_blank"
        rel="noopener"
      >{{ says.report }}</a>
      <FrameTakeOut name="samples" :rows="taken" :count="results" />
    </div>
  </section>
</template>

<style scoped>
.samples { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-5); }
.top { display: flex; justify-content: space-between; align-items: center; }
h4 { font-weight: 800; }
h4 span { margin-left: var(--space-5); }
h4::first-letter { text-transform: uppercase; }
.survey { display: grid; gap: var(--space-4); border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-4); }
.survey.withdrawn, .survey.other-work, .survey.aged-out { color: var(--soft); }
.survey .said { background: var(--bg); }
.out {
  display: flex; flex-wrap: wrap; gap: var(--space-3); align-items: center;
  border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-4);
}
.link { display: grid; place-items: center; }
</style>
