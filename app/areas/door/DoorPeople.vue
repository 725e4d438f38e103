<script setup lang="ts">
import type { PersonOnFloor } from '#shared/contract/readings'
import { doorPages } from '~/words/door'
import { garmentWords } from '~/words/garment-words'

const says = doorPages.page
const of = doorPages.person

/** A class on one screen: who is ready, who has to change something, what is lent, who has not come. */
const emit = defineEmits<{ chosen: [personId: string] }>()
const group = defineModel<string>({ required: true })
const { people, stateOf } = useDoor()
const { whereIs } = useWhereabouts()
const groups = computed(() => [...new Set(people.value.flatMap(one => one.group ?? []))].sort())
/** Whoever may strike an arc comes to the door; of a class all of it. */
const shown = computed(() => people.value.filter(({ group: own, roles }) =>
  group.value === '' ? roles.includes('learner') || roles.includes('welder') : own === group.value))
const listed = computed(() => shown.value.map(person => ({ person, state: stateOf(person) })))
const count = (...states: readonly string[]) => listed.value.filter(({ state }) => states.includes(state.is)).length
const lent = computed(() => shown.value.reduce((sum, { loans }) => sum + loans.length, 0))
const zoneList = (zones: readonly (keyof typeof words.zones)[]) => zones.map(zone => words.zones[zone]).join(', ')
const stateWords = (state: ReturnType<typeof stateOf>): string => {
  switch (state.is) {
    case 'not-seen': return of.notSeen
    case 'no-job': return of.noJob
    case 'ready': return of.ready
    case 'to-change': return of.toChange(zoneList(state.zones))
    case 'to-tell': return of.toTell(zoneList(state.zones))
  }
}
const MARKS = { 'not-seen': 'to-do', 'no-job': 'to-do', 'to-tell': 'to-do', 'to-change': 'hold', 'ready': 'open' } as const
const lentTo = ({ loans }: PersonOnFloor) => of.lent(loans.map(({ wearable }) => garmentWords.wearables[wearable]).join(', '))
</script>

<template>
  <section :aria-label="says.atTheDoor">
    <FrameSelect v-model="group" class="of" :label="says.classOrCrew" :ids="groups" :named="id => id" :none="says.everybody" />
    <p class="count" role="status">
      {{ says.summary(count('ready'), count('to-change'), count('not-seen', 'to-tell', 'no-job'), lent) }}
    </p>
    <p v-if="listed.length === 0" class="said">
      {{ says.nobodyHere }}
    </p>
    <ul>
      <li v-for="{ person, state } in listed" :key="person.personId">
        <FrameKey class="one" @click="emit('chosen', person.personId)">
          <svg width="20" height="44" viewBox="-20 0 40 44" aria-hidden="true"><GateMark :state="MARKS[state.is]" /></svg>
          <span><b>{{ person.name }}</b> <small>{{ [person.group, whereIs(person.personId)].filter(Boolean).join(', ') }}</small>
            <small class="state">{{ stateWords(state) }}</small>
            <small v-if="person.loans.length > 0">{{ lentTo(person) }}</small>
          </span>
        </FrameKey>
      </li>
    </ul>
    <FramePapers class="sheet" :name="says.classSheet" :to="`/api/v1/class-sheet?group=${encodeURIComponent(group)}`" />
  </section>
</template>

<style scoped>
.of { max-width: 420px; }
.count {
  font-weight: 750;
  margin: var(--space-5) 0;
  border-bottom: var(--line-rule) solid var(--ink);
  padding-bottom: var(--space-3);
}
.sheet { margin-top: var(--space-6); }
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 340px), 1fr));
  gap: var(--space-3) var(--space-6);
}
.one {
  width: 100%;
  display: flex;
  gap: var(--space-4);
  align-items: center;
  text-align: left;
  padding: var(--space-2) var(--space-4);
  height: 100%;
}
.one svg { flex: none; }
.one span { display: grid; min-width: 0; white-space: normal; }
small { font-weight: 500; color: var(--soft); }
small.state { color: var(--ink); }
</style>
