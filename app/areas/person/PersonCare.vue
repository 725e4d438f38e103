<script setup lang="ts">
import { SIZED } from '#core/ids/wearable-ids'
import type { SizedId } from '#core/ids/wearable-ids'
import type { CareRecord } from '#core/shade/care'
import type { PersonReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.care
const { apart } = peoplePages

/** What is known of somebody's eyes and body: kept apart from the record, seen by the safety lead and the person, erasable. */
const { person } = defineProps<{ person: PersonReading }>()
type Said = Omit<CareRecord, 'sizeOf'>
const NOTHING: Said = { isLightSensitive: false, hasSoreEyes: false, wearsPrescription: false, symptoms: '', sizes: '' }
const entry = reactive<{ -readonly [Key in keyof Said]: Said[Key] }>({ ...NOTHING })
const sizeOf = ref<Partial<Record<SizedId, string>>>({})
const [said, exists, isRead] = [ref(''), ref(false), ref(false)]
const refused = ref<string | null>(null)

async function load() {
  const reply = await askFor('care')
  refused.value = reply.ok ? null : wordsOf(reply)
  if (!reply.ok) return
  const known = reply.body.care.find(({ personId }) => personId === person.personId)
  exists.value = known !== undefined
  isRead.value = true
  const { isLightSensitive, hasSoreEyes, wearsPrescription, symptoms, sizes: fit } = known ?? NOTHING
  Object.assign(entry, { isLightSensitive, hasSoreEyes, wearsPrescription, symptoms, sizes: fit })
  sizeOf.value = { ...known?.sizeOf }
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
/** A size that is empty is none. */
const sizes = computed(() => Object.fromEntries(SIZED.flatMap((at) => {
  const size = sizeOf.value[at]?.trim()
  return size ? [[at, size]] : []
})))
const written = computed<CareRecord>(() => ({ ...entry, ...Object.keys(sizes.value).length > 0 ? { sizeOf: sizes.value } : {} }))
const asked = computed(() => ({ personId: person.personId, care: written.value }))
</script>

<template>
  <!-- What could not be read is not written over. -->
  <FrameForm
    v-if="isRead"
    class="care"
    of="care"
    :payload="asked"
    :aria-label="says.eyesAndBody"
    @send="send(written, apart.writtenDown)"
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
    <fieldset class="sizes">
      <legend>{{ says.sizeOf }}</legend>
      <p class="soft">
        {{ says.sizeOfWhy }}
      </p>
      <FrameText
        v-for="at in SIZED"
        :key="at"
        :model-value="sizeOf[at] ?? ''"
        :label="says.sized[at]"
        maxlength="20"
        :name="`care.sizeOf.${at}`"
        @update:model-value="sizeOf[at] = $event"
      />
    </fieldset>
    <PersonApartKeys :exists="exists" :asks="says.eraseForGood" :said="said" @erase="send(null, apart.erased)" />
  </FrameForm>
  <FrameRefused v-else :says="refused" />
</template>

<style scoped>
.care { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-6); display: grid; gap: var(--space-4); }
.sizes { border: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr)); gap: var(--space-3) var(--space-5); }
.sizes .soft { grid-column: 1 / -1; }
.sizes legend { font-weight: 750; }
.ticks { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-9); }
</style>
