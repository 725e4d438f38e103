<script setup lang="ts">
import type { CompetenceId } from '#core/ids/vocabulary'
import { COMPETENCES } from '#core/ids/vocabulary'
import { kitWords } from '#shared/words/en/kit-words'
import type { PersonReading } from '#shared/contract/readings'
import { personStream } from '#core/ids/streams'

/** What somebody is named competent for: they may do those tests, and release from tag-out. */
const { person } = defineProps<{ person: PersonReading }>()
const emit = defineEmits<{ saved: [] }>()
const { send, refused } = useSender()
const named = ref<readonly CompetenceId[]>(person.competences)
const saved = ref(false)
const isChanged = computed(
  () => named.value.length !== person.competences.length || named.value.some(kind => !person.competences.includes(kind)),
)
const toggle = (kind: CompetenceId) => {
  named.value = named.value.includes(kind) ? named.value.filter(one => one !== kind) : [...named.value, kind]
}
async function save() {
  const sent = await send('person.name-competent', personStream(person.personId), { competences: [...named.value] })
  saved.value = sent.ok
  if (sent.ok) emit('saved')
}
</script>

<template>
  <details class="competence">
    <summary>Named competent for: {{ named.length === 0 ? 'nothing' : named.map(kind => kitWords.competences[kind]).join(', ') }}</summary>
    <p class="soft">
      Whoever is named does the tests that ask for it, and releases from tag-out. The safety lead may always.
    </p>
    <div class="keys" role="group" aria-label="Named competent for">
      <FrameKey
        v-for="kind in COMPETENCES"
        :key="kind"
        :picked="named.includes(kind)"
        @click="toggle(kind)"
      >
        {{ kitWords.competences[kind] }}
      </FrameKey>
    </div>
    <p v-if="refused" class="said" role="alert">
      {{ refused }}
    </p>
    <FrameKey look="go" :disabled="!isChanged" @click="save">
      {{ saved && !isChanged ? 'Named' : 'Name them' }}
    </FrameKey>
  </details>
</template>

<style scoped>
.competence { border-top: 2px solid var(--ink); padding-top: 4px; display: grid; gap: 8px; }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 750; }
.key.go { margin-top: 8px; }
</style>
