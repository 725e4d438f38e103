<script setup lang="ts">
import type { CareRecord } from '#core/shade/care'
import type { PersonReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.care
const { apart } = peoplePages

/** What is known of somebody's eyes and body: kept apart from the record, seen by the safety lead and the person, erasable. */
const { person } = defineProps<{ person: PersonReading }>()
const NOTHING: CareRecord = { isLightSensitive: false, hasSoreEyes: false, wearsPrescription: false, symptoms: '', sizes: '' }
const entry = reactive<{ -readonly [Key in keyof CareRecord]: CareRecord[Key] }>({ ...NOTHING })
const [said, exists, isRead] = [ref(''), ref(false), ref(false)]
const refused = ref<string | null>(null)

async function load() {
  const reply = await askFor('care')
  refused.value = reply.ok ? null : wordsOf(reply)
  if (!reply.ok) return
  const known = reply.body.care.find(({ personId }) => personId === person.personId)
  exists.value = known !== undefined
  isRead.value = true
  const { personId: _personId, ...record } = known ?? { personId: '', ...NOTHING }
  Object.assign(entry, record)
}
onMounted(load)

async function send(care: CareRecord | null, sentence: string) {
  refused.value = null
  const reply = await sendTo('care', { personId: person.personId, care })
  if (!reply.ok) {
    refused.value = wordsOf(reply)
    return
  }
  said.value = sentence
  await load()
}
const asked = computed(() => ({ personId: person.personId, care: { ...entry } }))
</script>

<template>
  <!-- What could not be read is not written over. -->
  <FrameForm
    v-if="isRead"
    class="care"
    of="care"
    :payload="asked"
    :aria-label="says.eyesAndBody"
    @send="send({ ...entry }, apart.writtenDown)"
  >
    <h3>{{ says.eyesAndBody }}</h3>
    <p class="soft">
      {{ says.keptApart }}
    </p>
    <FrameRefused :says="refused" />
    <div class="ticks">
      <FrameTick v-model="entry.isLightSensitive" :label="says.isLightSensitive" />
      <FrameTick v-model="entry.hasSoreEyes" :label="says.hasSoreEyes" />
      <FrameTick v-model="entry.wearsPrescription" :label="says.wearsPrescription" />
    </div>
    <div class="columns">
      <FrameText v-model="entry.symptoms" :label="says.symptoms" :hint="says.symptomsHint" maxlength="400" name="care.symptoms" />
      <FrameText v-model="entry.sizes" :label="says.sizes" :hint="says.sizesHint" maxlength="200" name="care.sizes" />
    </div>
    <PersonApartKeys :exists="exists" :asks="says.eraseForGood" :said="said" @erase="send(null, apart.erased)" />
  </FrameForm>
  <FrameRefused v-else :says="refused" />
</template>

<style scoped>
.care { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-6); display: grid; gap: var(--space-4); }
.ticks { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-9); }
</style>
