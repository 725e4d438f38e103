<script setup lang="ts">
import type { CompetenceId } from '#core/ids/vocabulary'
import { COMPETENCES } from '#core/ids/vocabulary'
import { kitWords } from '~/words/kit-words'
import type { PersonReading } from '#shared/contract/readings'
import { personStream } from '#core/ids/streams'
import { peoplePages } from '~/words/people'

const says = peoplePages.competence

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
    <summary>
      {{ says.namedCompetentFor(
        named.length === 0 ? says.nothing : named.map(kind => kitWords.competences[kind]).join(', '),
      ) }}
    </summary>
    <p class="soft">
      {{ says.whoeverIsNamedDoesThe }}
    </p>
    <div class="keys" role="group" :aria-label="says.namedCompetentFor2">
      <FrameKey
        v-for="kind in COMPETENCES"
        :key="kind"
        :picked="named.includes(kind)"
        @click="toggle(kind)"
      >
        {{ kitWords.competences[kind] }}
      </FrameKey>
    </div>
    <FrameRefused :says="refused" />
    <FrameKey look="go" :disabled="!isChanged" @click="save">
      {{ saved && !isChanged ? says.named : says.nameThem }}
    </FrameKey>
  </details>
</template>

<style scoped>
.competence { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-2); display: grid; gap: var(--space-4); }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 750; }
.key.go { margin-top: var(--space-4); }
</style>
