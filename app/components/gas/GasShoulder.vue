<script setup lang="ts">
import { requalification } from '#core/cylinder/requalification'
import { shopDayOf } from '#core/houserules/shop-day'
import { storeWords } from '#shared/messages/en/store-words'

/** The marks on a shoulder, read as they are typed: what it is, when it was tested, when it is due again. */
const floor = useFloor()
const { nowMs } = useClock()
const marks = ref('')
const gas = ref<GasChoice>('')
const waterVolumeL = ref<number | undefined>()
const filled = ref<'' | 'out' | 'in-place'>('')
const filledOn = ref('')
const units = useStoreUnits()
const today = computed(() => shopDayOf(nowMs.value, floor.site.timeZone, floor.rules.shopDayHour))
const content = computed(() => gasContentOf(gas.value))
const read = computed(() => marks.value.trim() === '' || content.value === null
  ? null
  : requalification({
      stamps: marks.value, gas: content.value, today: today.value,
      ...waterVolumeL.value === undefined ? {} : { waterVolumeL: waterVolumeL.value }, ...filled.value === '' ? {} : { filledInPlace: filled.value === 'in-place' }, ...filledOn.value === '' ? {} : { filledOn: filledOn.value },
    }))
const verdict = computed(() => {
  if (!read.value) return null
  const { nextDue, mayFill, mayUseUp, overdue, rule } = read.value
  if (nextDue === null) return rule === null ? { word: 'Hold', state: 'hold', text: 'It cannot be read for sure.' } : { word: storeWords.requalificationRules[rule], state: 'open', text: '' }
  if (!mayUseUp) return { word: nextDue, state: 'hold', text: 'Neither filled nor used: send it back.' }
  return { word: nextDue, state: overdue ? 'hold' : 'open', text: mayFill ? 'May be used and filled.' : 'May be used up; may not be filled.' }
})
</script>

<template>
  <section aria-labelledby="gas-shoulder">
    <h2 id="gas-shoulder">
      Read a shoulder
    </h2>
    <FrameField v-slot="{ id, describedBy }" label="Marks, one a line, the oldest date first" hint="DOT-3AA2400, then 3-06, then 3-16+* for the star. The number between month and year may stand there.">
      <textarea :id="id" v-model="marks" class="entry marks chalk" rows="4" autocomplete="off" autocapitalize="characters" spellcheck="false" :aria-describedby="describedBy" />
    </FrameField>
    <div class="columns">
      <FrameSelect v-model="gas" label="Gas" :ids="GAS_CHOICES" :named="gasName" none="choose" />
      <FrameNumber v-model="waterVolumeL" label="Water volume" :unit="units.litres" :limits="{ min: 0.1, max: 3000 }" optional hint="Not known: the short interval." />
      <FrameSelect v-model="filled" label="Filled" :ids="['out', 'in-place']" :named="id => id === 'out' ? 'taken out each time' : 'in its bank or on a vehicle'" none="not known" />
      <FrameField v-slot="{ id, describedBy }" label="Last filled on">
        <input :id="id" v-model="filledOn" class="entry" type="date" :aria-describedby="describedBy">
      </FrameField>
    </div>
    <div v-if="read && verdict" class="answer ruled" aria-live="polite">
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
            <td>{{ storeWords.requalificationRuleSets[ruleSet] }}{{ binds && read.rule ? `, binds here: ${storeWords.requalificationRules[read.rule]}` : '' }}</td>
            <td class="print">
              {{ nextDue ?? 'none' }}
            </td>
          </tr>
        </tbody>
      </table>
      <GasFindings :findings="read.findings" />
    </div>
    <p v-else class="soft answer ruled">
      {{ marks.trim() === '' ? 'Type what is stamped; it is read as you type.' : 'Choose the gas: the interval depends on it.' }}
    </p>
  </section>
</template>

<style scoped>
section { display: grid; gap: 8px; }
.marks { padding: 10px 12px; min-height: 120px; line-height: 1.5; resize: vertical; }
.answer { padding-top: 8px; display: grid; gap: 6px; }
.big { font-size: 34px; font-weight: 850; line-height: 1.1; }
</style>
