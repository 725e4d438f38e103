<script setup lang="ts">
import type { Requalification } from '#core/cylinder/requalification'
import { cylinderWords } from '~/words/cylinder-words'
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
    <table v-if="read.tests.length > 0" class="ledger">
      <caption class="visually-hidden">
        {{ says.datesOnTheShoulder }}
      </caption>
      <thead><tr><th>{{ read.specification }}</th><th>{{ says.readAs }}</th><th>{{ says.marks }}</th></tr></thead>
      <tbody>
        <tr v-for="(test, index) in read.tests" :key="index">
          <td class="chalk">
            {{ test.text }}
          </td>
          <td class="print">
            {{ day(test.on) }}
          </td>
          <td>
            {{ [test.star ? says.star : '', test.overfill ? '+ 10 %' : '', test.letter ?? '', test.requalifier ? says.by(
              test.requalifier,
            ) : ''].filter(Boolean).join(', ') || says.none }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="read.shellDue && read.fillerDue" class="print">
      {{ says.shellByFillerByThe(day(read.shellDue), day(read.fillerDue)) }}
    </p>
    <table v-if="read.ruleSets.length > 0" class="ledger">
      <caption class="visually-hidden">
        {{ says.whatEachSchoolSays }}
      </caption>
      <thead><tr><th>{{ says.school }}</th><th>{{ says.nextTestBy }}</th></tr></thead>
      <tbody>
        <tr v-for="{ ruleSet, nextDue, binds } in read.ruleSets" :key="ruleSet">
          <td>
            {{ cylinderWords.requalificationRuleSets[ruleSet] }}{{ binds && read.rule ? says.bindsHere(
              cylinderWords.requalificationRules[read.rule],
            ) : '' }}
          </td>
          <td class="print">
            {{ nextDue === null ? says.none : day(nextDue) }}
          </td>
        </tr>
      </tbody>
    </table>
    <CylinderFindings :findings="read.findings" />
  </div>
</template>

<style scoped>
.dates { display: grid; gap: 6px; }
.big { font-size: 34px; font-weight: 850; line-height: 1.1; }
</style>
