<script setup lang="ts">
import type { WearerRecord } from '#core/respirator/wearer'
import type { MaskId } from '#core/ids/vocabulary'
import { MASKS } from '#core/ids/vocabulary'
import { peoplePages } from '~/words/people'

const says = peoplePages.wearer

/** Mask, fit test and clearance of one person: kept apart from the record, seen by the safety lead and the person, erasable. */
const { personId } = defineProps<{ personId: string }>()
const mask = ref<MaskId | ''>('')
const fitTestedOn = ref('')
const medicallyClearedOn = ref('')
const said = ref('')
const refused = ref<string | null>(null)
const exists = ref(false)

async function load() {
  const reply = await askFor('wearers')
  if (!reply.ok) {
    refused.value = wordsOf(reply)
    return
  }
  const record = reply.body.wearers.find(wearer => wearer.personId === personId)
  exists.value = record !== undefined
  mask.value = record?.mask ?? ''
  fitTestedOn.value = record?.fitTestedOn ?? ''
  medicallyClearedOn.value = record?.medicallyClearedOn ?? ''
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
    { mask: mask.value, fitTestedOn: fitTestedOn.value || null, medicallyClearedOn: medicallyClearedOn.value || null },
    says.writtenDown,
  )
</script>

<template>
  <FrameForm class="wearer" :aria-label="says.mask" @send="save">
    <h3>{{ says.mask }}</h3>
    <p class="soft">
      {{ says.healthDatesAreKeptApart }}
    </p>
    <FrameRefused :says="refused" />
    <div class="columns">
      <FrameSelect
        v-model="mask"
        :label="says.maskWorn"
        :none="says.noneWrittenDown"
        :ids="MASKS"
        :named="id => words.masks[id]"
        is-needed
      />
      <FrameDay v-model="fitTestedOn" :label="says.fitTestWithThisMask" />
      <FrameDay v-model="medicallyClearedOn" :label="says.medicallyCleared" />
    </div>
    <div class="keys">
      <FrameAsk v-if="exists" :asks="says.eraseForGood" :does="says.eraseIt" @done="send(null, says.erased)">
        {{ says.eraseThisRecord }}
      </FrameAsk>
      <FrameKey type="submit">
        {{ says.writeItDown }}
      </FrameKey>
    </div>
    <p role="status">
      {{ said }}
    </p>
  </FrameForm>
</template>

<style scoped>
.wearer { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-6); display: grid; gap: var(--space-4); }
</style>
