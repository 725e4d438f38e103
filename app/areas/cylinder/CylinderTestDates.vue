<script setup lang="ts">
import type { Requalification } from '#core/cylinder/requalification'
import { cylinderWords } from '#shared/words/en/cylinder-words'

/** What a shoulder says: when it is due again, its dates, and what each school makes of them. */
const { read } = defineProps<{ read: Requalification }>()
const verdict = computed(() => {
  const { nextDue, mayFill, mayUseUp, overdue, rule } = read
  if (nextDue === null)
    return rule === null
      ? { word: 'Hold', state: 'hold', text: 'It cannot be read for sure.' }
      : { word: cylinderWords.requalificationRules[rule], state: 'open', text: '' }
  if (!mayUseUp)
    return {
      word: nextDue,
      state: 'hold',
      text: read.findings.some(({ code }) => code === 'cylinder.filled-when-unknown')
        ? 'Not used before its fill date is known.'
        : 'Neither filled nor used: send it back.',
    }
  return {
    word: nextDue,
    state: overdue ? 'hold' : 'open',
    text: mayFill ? 'May be used and filled.' : 'May be used up; may not be filled.',
  }
})
</script>

<template>
  <div class="dates">
    <p class="soft">
      {{ read.nextDue ? 'Next test by' : 'Next test' }}
    </p>
    <p class="big print" :class="`state-${verdict.state}`">
      {{ verdict.word }}
    </p>
    <p><b>{{ verdict.text }}</b></p>
    <table v-if="read.tests.length > 0" class="ledger">
      <caption class="visually-hidden">
        Dates on the shoulder
      </caption>
      <thead><tr><th>{{ read.specification }}</th><th>Read as</th><th>Marks</th></tr></thead>
      <tbody>
        <tr v-for="(test, index) in read.tests" :key="index">
          <td class="chalk">
            {{ test.text }}
          </td>
          <td class="print">
            {{ test.on }}
          </td>
          <td>{{ [test.star ? 'star' : '', test.overfill ? '+ 10 %' : '', test.letter ?? '', test.requalifier ? `by ${test.requalifier}` : ''].filter(Boolean).join(', ') || 'none' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="read.shellDue && read.fillerDue" class="print">
      Shell by {{ read.shellDue }}, filler by {{ read.fillerDue }}: the earlier binds.
    </p>
    <table v-if="read.ruleSets.length > 0" class="ledger">
      <caption class="visually-hidden">
        What each school says
      </caption>
      <thead><tr><th>School</th><th>Next test by</th></tr></thead>
      <tbody>
        <tr v-for="{ ruleSet, nextDue, binds } in read.ruleSets" :key="ruleSet">
          <td>{{ cylinderWords.requalificationRuleSets[ruleSet] }}{{ binds && read.rule ? `, binds here: ${cylinderWords.requalificationRules[read.rule]}` : '' }}</td>
          <td class="print">
            {{ nextDue ?? 'none' }}
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
