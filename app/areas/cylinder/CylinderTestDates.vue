<script setup lang="ts">
import type { Requalification } from '#core/cylinder/requalification'
import { cylinderWords } from '~/words/cylinder-words'
import type { TableColumnOf } from '~/frame/table'
import { gasPages } from '~/words/gas'

const says = gasPages.testDates
const { day } = useDates()

/** What a shoulder says: when it is due again, its dates, and what each school makes of them. */
const { read } = defineProps<{ read: Requalification }>()
const verdict = computed(() => {
  const { nextDue, mayFill, mayUseUp, overdue, rule } = read
  if (nextDue === null)
    return rule === null
      ? { word: says.hold, state: 'hold', text: says.itCannotBeReadFor }
      : { word: cylinderWords.requalificationRules[rule], state: 'open', text: '' }
  if (!mayUseUp)
    return {
      word: day(nextDue),
      state: 'hold',
      text: read.findings.some(({ code }) => code === 'cylinder.filled-when-unknown')
        ? says.notUsedBeforeItsFill
        : says.neitherFilledNorUsedSend,
    }
  return {
    word: day(nextDue),
    state: overdue ? 'hold' : 'open',
    text: mayFill ? says.mayBeUsedAndFilled : says.mayBeUsedUpMay,
  }
})

type Test = Requalification['tests'][number]
const tests = computed(() => read.tests)
const marksOf = ({ star, overfill, letter, requalifier }: Test): string =>
  [star ? says.star : '', overfill ? '+ 10 %' : '', letter ?? '', requalifier ? says.by(requalifier) : ''].filter(Boolean).join(', ')
  || says.none
const testColumns = computed<readonly TableColumnOf<Test>[]>(() => [
  { id: 'text', header: read.specification ?? '', said: ({ text }) => text, look: 'chalk' },
  { id: 'on', header: says.readAs, said: ({ on }) => day(on), look: 'print' },
  { id: 'marks', header: says.marks, said: marksOf },
])
const schoolColumns = computed<readonly TableColumnOf<Requalification['ruleSets'][number]>[]>(() => [
  {
    id: 'school',
    header: says.school,
    said: ({ ruleSet, binds }) => {
      const bound = binds && read.rule ? says.bindsHere(cylinderWords.requalificationRules[read.rule]) : ''
      return `${cylinderWords.requalificationRuleSets[ruleSet]}${bound}`
    },
  },
  { id: 'next', header: says.nextTestBy, said: ({ nextDue }) => nextDue === null ? says.none : day(nextDue), look: 'print' },
])
</script>

<template>
  <div class="dates">
    <p class="soft">
      {{ read.nextDue ? says.nextTestBy : says.nextTest }}
    </p>
    <p class="big print" :class="`state-${verdict.state}`">
      {{ verdict.word }}
    </p>
    <p><b>{{ verdict.text }}</b></p>
    <FrameTable
      v-if="tests.length > 0"
      is-figures
      :columns="testColumns"
      :rows="tests"
      :name="says.datesOnTheShoulder"
      :key-of="({ text }) => text"
    />
    <p v-if="read.shellDue && read.fillerDue" class="print">
      {{ says.shellByFillerByThe(day(read.shellDue), day(read.fillerDue)) }}
    </p>
    <FrameTable
      v-if="read.ruleSets.length > 0"
      is-figures
      :columns="schoolColumns"
      :rows="read.ruleSets"
      :name="says.whatEachSchoolSays"
      :key-of="({ ruleSet }) => ruleSet"
    />
    <CylinderFindings :findings="read.findings" />
  </div>
</template>

<style scoped>
.dates { display: grid; gap: var(--space-3); }
.big { font-size: var(--type-figure); font-weight: 850; line-height: 1.1; }
</style>
