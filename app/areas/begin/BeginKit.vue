<script setup lang="ts">
import { listsFor } from '#core/inspection/built-in-lists'
import { kitItemStream } from '#core/ids/streams'
import { tagIdOf } from '#core/ids/tag'
import type { ProcessId } from '#core/ids/vocabulary'
import { PROCESSES } from '#core/ids/vocabulary'
import { lacksKit } from '#core/opening/first-steps'
import { starterCounts, starterKit } from '#core/opening/starter-kit'
import type { StarterKindId, StarterSaid } from '#core/opening/starter-kit'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { capital } from '#shared/words/capital'
import { kitWords } from '~/words/kit-words'
import { beginPages } from '~/words/begin'
import type { KnownKind } from './knownKind'
import { NOT_SAID, saidOf } from './knownKind'

const says = beginPages.kit

/** A set of kit for each bay, by what is welded here: tagged, and registered in one go. */
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const { bays } = useBegun()
const { send, refused, busy } = useSender()
const { reading: round } = useReading('kit/round', () => ({}), ROUND_RESTS_ON)
const { reading: gas } = useReading('gas', () => ({}), among('cylinder/', 'house-rules'))

const processes = ref<readonly ProcessId[]>([])
const toggle = (process: ProcessId) => {
  processes.value = processes.value.includes(process) ? processes.value.filter(one => one !== process) : [...processes.value, process]
}
const counts = computed(() => starterCounts(processes.value))
const answers = ref<Readonly<Partial<Record<StarterKindId, KnownKind>>>>({})
const answerOf = (kind: StarterKindId): KnownKind => answers.value[kind] ?? NOT_SAID
const answer = (kind: StarterKindId, known: KnownKind) => {
  answers.value = { ...answers.value, [kind]: known }
}
const calendar = computed(() => {
  const lists = round.value ? listsInForce(round.value.lists) : []
  return (kind: StarterKindId) => listsFor(kind, lists).filter(({ every }) => every.unit !== 'use')
})
const lacking = computed(() => bays.value.filter(lacksKit))
const refusedTags = ref<ReadonlySet<string>>(new Set())
const taken = computed(() => new Set([
  ...refusedTags.value,
  ...round.value?.stops.flatMap(({ items }) => items.map(({ item }) => tagIdOf(item.tag))) ?? [],
  ...gas.value?.cylinders.map(({ cylinder }) => tagIdOf(cylinder.tag)) ?? [],
]))
const items = computed(() => {
  const said: Partial<Record<StarterKindId, StarterSaid>> = {}
  for (const kind of counts.value.keys()) {
    const known = saidOf(answerOf(kind))
    if (known) said[kind] = known
  }
  const named = (kind: StarterKindId, label: string) => `${capital(kitWords.equipmentKinds[kind])} ${label}`
  return starterKit({ bays: lacking.value, counts: counts.value, said, taken: taken.value, named })
})
const tags = computed(() => Object.keys(items.value))
/** One command names at most so many things. */
const AT_ONCE = 150
async function make() {
  for (let from = 0; from < tags.value.length; from += AT_ONCE) {
    const some = tags.value.slice(from, from + AT_ONCE)
    const on = some.map(tag => ({ id: kitItemStream(tag), expectedVersion: null }))
    const sent = await send('item.register-many', on, { items: Object.fromEntries(some.map(tag => [tag, items.value[tag]!])) })
    if (!sent.ok) {
      // A tag of something that left the shop is worn for good: the next one is taken when the key is pressed again.
      const refused = 'refusal' in sent ? sent.refusal.findings : []
      const names = refused.flatMap(said => (said.code === 'kit.tag-taken' ? [tagIdOf((said.values as { readonly tag: string }).tag)] : []))
      refusedTags.value = new Set([...refusedTags.value, ...names])
      return
    }
  }
  await facts.refresh()
  emit('done')
}
</script>

<template>
  <FrameForm class="form wide" :busy="busy" @send="make">
    <div role="group" :aria-label="says.whatIsDone">
      <h3>{{ says.whatIsDone }}</h3>
      <div class="processes">
        <FrameKey v-for="process in PROCESSES" :key="process" :picked="processes.includes(process)" @click="toggle(process)">
          {{ words.processes[process] }}
        </FrameKey>
      </div>
    </div>
    <template v-if="counts.size > 0">
      <p class="soft">
        {{ says.forEachBay(lacking.length) }}
      </p>
      <BeginKind
        v-for="[kind, count] in counts"
        :key="kind"
        :kind="kind"
        :count="count"
        :lists="calendar(kind)"
        :known="answerOf(kind)"
        @say="answer(kind, $event)"
      />
    </template>
    <FrameRefused :says="refused" />
    <FrameKey look="go" type="submit" :disabled="busy || tags.length === 0 || !round || !gas">
      {{ tags.length === 0 ? says.make : says.makeSo(tags.length) }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.wide { max-width: 820px; }
.processes { display: flex; flex-wrap: wrap; gap: var(--space-3); }
h3 { margin-bottom: var(--space-3); }
</style>
