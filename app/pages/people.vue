<script setup lang="ts">
import type { PersonReading } from '#shared/contract/readings'
import type { TableColumnOf } from '~/frame/table'
import { peoplePages } from '~/words/people'

const says = peoplePages.page

/** Everybody who works here, where they stand today, and what is written down of them. */
const facts = useFacts()
const route = useRoute()
const router = useRouter()
const { whereIs } = useWhereabouts()
const { reading, problem: failed, refresh } = useReading('people', () => ({}), among('person/', 'people'))
const people = computed(() => reading.value?.people ?? null)
const here = computed(() => (people.value ?? []).filter(({ hasLeft }) => !hasLeft))
const groups = computed(() => [...new Set(here.value.flatMap(({ group }) => group ?? []))].sort())

/** What is open: one person, somebody new, or a list. */
const open = computed(() => {
  const { who, do: does } = route.query
  if (does === 'new' || does === 'list') return does
  return typeof who === 'string' && here.value.some(({ personId }) => personId === who) ? 'one' : null
})
/** Whoever left stays in the record: what they breathed is theirs to ask for as long as the law wants it kept. */
const leftOpen = computed(() => people.value?.find(({ personId, hasLeft }) => hasLeft && personId === route.query.who) ?? null)
const edited = computed(() => (open.value === 'one' ? here.value.find(({ personId }) => personId === route.query.who) ?? null : null))
const go = (query: Record<string, string>) => router.push({ path: route.path, query })
async function close() {
  await go({})
  await refresh()
}

const bayLabelOf = (bayId: string | null) => facts.site.bays.find(bay => bay.bayId === bayId)?.label
const rolesOf = ({ roles }: PersonReading): string => roles.map(role => words.roles[role]).join(', ')
const columns = computed<readonly TableColumnOf<PersonReading>[]>(() => [
  { id: 'name', header: says.name, said: ({ name }) => name, by: true },
  { id: 'group', header: says.group, said: ({ group }) => group ?? '–', by: true },
  { id: 'roles', header: says.roles, said: rolesOf, by: true },
  { id: 'today', header: says.today, said: ({ personId }) => whereIs(personId) || '–', by: true },
  { id: 'bay', header: says.ownBay, said: ({ bayId }) => bayLabelOf(bayId) ?? '–', by: true },
  { id: 'sign-in', header: says.signIn, said: ({ loginName, pinSet }) => `${loginName ?? '–'}${pinSet ? says.pin : ''}`, by: true },
  { id: 'change', header: says.change, isHeard: true, place: 'end' },
])
/** What is taken out can be brought in again: the same columns, the same words. */
const taken = () => ({
  fields: [says.name, says.group, says.roles, says.ownBay, says.signIn],
  data: here.value.map(person => [
    person.name,
    person.group ?? '',
    rolesOf(person),
    bayLabelOf(person.bayId) ?? '',
    person.loginName ?? '',
  ]),
})
</script>

<template>
  <main class="page">
    <h1>{{ says.people }}</h1>
    <p class="lead">
      {{ says.everybodyWhoWorksHereLearners }}
    </p>
    <p v-if="failed" class="said" role="alert">
      {{ failed }}
    </p>
    <div v-if="open === null" class="keys">
      <FrameKey look="go" @click="go({ do: 'new' })">
        {{ says.addSomebody }}
      </FrameKey>
      <FrameKey @click="go({ do: 'list' })">
        {{ says.bringInAList }}
      </FrameKey>
    </div>
    <LazyPersonBringIn v-else-if="open === 'list' && people" :people="people" :groups="groups" @done="close" />
    <PersonEdit
      v-else-if="open === 'new' || edited"
      :key="edited?.personId ?? 'new'"
      :person="edited"
      :groups="groups"
      @done="close"
      @changed="refresh"
    />
    <section v-if="leftOpen" :aria-label="leftOpen.name">
      <h2>{{ leftOpen.name }}{{ says.hasLeft2 }}</h2>
      <LazyPersonAirRecord :key="leftOpen.personId" :person-id="leftOpen.personId" />
    </section>
    <FrameTable
      v-if="people"
      class="list"
      is-found
      :columns="columns"
      :rows="people"
      :name="says.people"
      :key-of="({ personId }) => personId"
      :row-class="({ hasLeft }) => hasLeft ? 'soft' : ''"
    >
      <template #tools>
        <FrameTakeOut name="people" :rows="taken" :count="here.length" />
      </template>
      <template #name="{ row }">
        <b>{{ row.name }}</b>{{ row.hasLeft ? says.hasLeft2 : '' }}
      </template>
      <template #change="{ row }">
        <FrameKey v-if="!row.hasLeft" @click="go({ who: row.personId })">
          {{ says.change }} <span class="visually-hidden">{{ row.name }}</span>
        </FrameKey>
        <FrameKey v-else @click="go({ who: row.personId })">
          {{ says.whatTheyBreathed }} <span class="visually-hidden">{{ row.name }}</span>
        </FrameKey>
      </template>
    </FrameTable>
    <PersonDevices of="all" />
  </main>
</template>

<style scoped>
.list { margin-top: var(--space-8); }
.end { text-align: right; }
</style>
