<script setup lang="ts">
import { FIT_METHODS, leastFitFactor } from '#core/respirator/fit-test'
import type { FitMethodId, FitTest } from '#core/respirator/fit-test'
import { respiratorOf } from '#core/respirator/respirators'
import type { WearerRecord } from '#core/respirator/wearer'
import type { MaskId } from '#core/ids/vocabulary'
import { MASKS } from '#core/ids/vocabulary'
import { peoplePages } from '~/words/people'

const says = peoplePages.wearer
const { apart } = peoplePages

/** Mask, fit test and clearance of one person: kept apart from the record, seen by the safety lead and the person, erasable. */
const { personId } = defineProps<{ personId: string }>()
const facts = useFacts()
const mask = ref<MaskId | ''>('')
/** One that seals to the face is tested on it. */
const isTight = computed(() => mask.value !== '' && respiratorOf(mask.value, facts.rules.jurisdiction).isTight)
const fitTestedOn = ref('')
const medicallyClearedOn = ref('')
/** How the fit test went: a date alone makes nobody ready. */
const model = ref('')
const method = ref<FitMethodId | ''>('')
const result = ref<'passed' | 'failed' | ''>('')
const factor = ref<number>()
const nextOn = ref('')
const isToldHow = computed(() => isTight.value && (fitTestedOn.value !== '' || method.value !== '' || result.value !== ''))
const fit = computed<FitTest | undefined>(() =>
  isToldHow.value
    ? {
        model: model.value.trim(),
        method: method.value || 'qualitative',
        passed: result.value === 'passed',
        factor: method.value === 'quantitative' ? factor.value ?? null : null,
        nextOn: nextOn.value || null,
      }
    : undefined,
)
const said = ref('')
const refused = ref<string | null>(null)
const exists = ref(false)
/** What could not be read is not written over. */
const isRead = ref(false)

/** Another mask was never tested: what was said of the one before says nothing of it. */
function wears(other: MaskId | '') {
  if (other === mask.value) return
  mask.value = other
  fitTestedOn.value = model.value = method.value = result.value = nextOn.value = ''
  factor.value = undefined
}

async function load() {
  const reply = await askFor('wearers')
  if (!reply.ok) {
    refused.value = wordsOf(reply)
    return
  }
  const record = reply.body.wearers.find(wearer => wearer.personId === personId)
  exists.value = record !== undefined
  isRead.value = true
  mask.value = record?.mask ?? ''
  fitTestedOn.value = record?.fitTestedOn ?? ''
  medicallyClearedOn.value = record?.medicallyClearedOn ?? ''
  model.value = record?.fit?.model ?? ''
  method.value = record?.fit?.method ?? ''
  result.value = record?.fit ? record.fit.passed ? 'passed' : 'failed' : ''
  factor.value = record?.fit?.factor ?? undefined
  nextOn.value = record?.fit?.nextOn ?? ''
}
onMounted(load)

async function send(wearer: WearerRecord | null, words: string) {
  refused.value = null
  const reply = await sendTo('wearers', { personId, wearer })
  if (!reply.ok) refused.value = wordsOf(reply)
  else {
    said.value = words
    await load()
  }
}
const save = () =>
  mask.value
  && send(
    {
      mask: mask.value,
      fitTestedOn: fitTestedOn.value || null,
      medicallyClearedOn: medicallyClearedOn.value || null,
      ...fit.value ? { fit: fit.value } : {},
    },
    apart.writtenDown,
  )
</script>

<template>
  <FrameForm v-if="isRead" class="wearer" :aria-label="says.mask" @send="save">
    <h3>{{ says.mask }}</h3>
    <p class="soft">
      {{ says.healthDatesAreKeptApart }}
    </p>
    <FrameRefused :says="refused" />
    <div class="columns">
      <FrameSelect
        :model-value="mask"
        :label="says.maskWorn"
        :none="says.noneWrittenDown"
        :ids="MASKS"
        :named="id => words.masks[id]"
        is-needed
        @update:model-value="wears"
      />
      <FrameDay v-model="fitTestedOn" :label="says.fitTestWithThisMask" />
      <FrameDay v-model="medicallyClearedOn" :label="says.medicallyCleared" />
      <template v-if="mask !== '' && isTight">
        <FrameText v-model="model" :label="says.model" :hint="says.modelHint" maxlength="80" />
        <FrameChoice v-model="method" :label="says.method" :ids="FIT_METHODS" :named="id => says.methods[id]" :is-needed="isToldHow" />
        <FrameChoice
          v-model="result"
          :label="says.result"
          :ids="['passed', 'failed']"
          :named="id => says.results[id]"
          :is-needed="isToldHow"
        />
        <FrameNumber
          v-if="method === 'quantitative'"
          v-model="factor"
          :label="says.factor"
          :unit="plainUnit('')"
          :limits="{ min: 1, max: 100000 }"
          :hint="says.factorHint(leastFitFactor(mask))"
        />
        <FrameDay v-model="nextOn" :label="says.nextFitTest" :hint="says.ifSooner" />
      </template>
    </div>
    <PersonApartKeys :exists="exists" :asks="says.eraseForGood" :said="said" @erase="send(null, apart.erased)" />
  </FrameForm>
  <FrameRefused v-else :says="refused" />
</template>

<style scoped>
.wearer { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-6); display: grid; gap: var(--space-4); }
</style>
