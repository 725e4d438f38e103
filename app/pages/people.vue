<script setup lang="ts">
import type { PersonProfile } from '#core/streams/person/person'
import { ROLES } from '#core/ids/vocabulary'
import type { RoleId } from '#core/ids/vocabulary'
import type { PersonReading } from '#shared/contract/readings'
import type { TableColumnOf } from '~/frame/table'
import { makeUuid } from '~/stores/outbox'
import { personStream } from '#core/ids/streams'
import { peoplePages } from '~/words/people'

const says = peoplePages.page

const facts = useFacts()
const { send, refused, forget } = useSender()
const { reading, problem: failed, refresh } = useReading('people', () => ({}), among('person/', 'people'))
const people = computed(() => reading.value?.people ?? null)
const editing = ref<PersonReading | 'new' | null>(null)
const entry = reactive<{ name: string, roles: RoleId[], areaId: string, bayId: string }>({
  name: '',
  roles: ['learner'],
  areaId: '',
  bayId: '',
})

function edit(person: PersonReading | 'new') {
  editing.value = person
  forget()
  Object.assign(
    entry,
    person === 'new'
      ? { name: '', roles: ['learner'], areaId: '', bayId: '' }
      : { name: person.name, roles: [...person.roles], areaId: person.areaId ?? '', bayId: person.bayId ?? '' },
  )
}
const toggleRole = (role: RoleId) => {
  entry.roles = entry.roles.includes(role) ? entry.roles.filter(other => other !== role) : [...entry.roles, role]
}

const profile = computed<PersonProfile>(() =>
  ({ name: entry.name.trim(), roles: entry.roles, areaId: entry.areaId || null, bayId: entry.bayId || null }))

async function save() {
  const person = editing.value
  if (person === null) return
  const sent = person === 'new'
    ? await send('person.add', { id: personStream(makeUuid()), expectedVersion: 0 }, profile.value)
    : await send('person.change', { id: personStream(person.personId), expectedVersion: person.version }, profile.value)
  if (sent.ok) editing.value = null
  await refresh()
}
async function leave(person: PersonReading) {
  const sent = await send('person.leave', { id: personStream(person.personId), expectedVersion: person.version }, {})
  if (sent.ok) editing.value = null
  await refresh()
}
const areaNameOf = (areaId: string | null) => facts.site.areas.find(area => area.areaId === areaId)?.name
const bayLabelOf = (bayId: string | null) => facts.site.bays.find(bay => bay.bayId === bayId)?.label
const placeOf = ({ areaId, bayId }: PersonReading): string => {
  const label = bayLabelOf(bayId)
  return [areaNameOf(areaId), label && says.bay(label)].filter(Boolean).join(', ')
}
const columns = computed<readonly TableColumnOf<PersonReading>[]>(() => [
  { id: 'name', header: says.name, said: ({ name }) => name, by: true },
  { id: 'roles', header: says.roles, said: ({ roles }) => roles.map(role => words.roles[role]).join(', '), by: true },
  { id: 'place', header: says.place, said: person => placeOf(person) || '–', by: true },
  { id: 'sign-in', header: says.signIn, said: ({ loginName, pinSet }) => `${loginName ?? '–'}${pinSet ? says.pin : ''}`, by: true },
  { id: 'change', header: says.change, isHeard: true, place: 'end' },
])
const taken = () => ({
  fields: [says.name, says.roles, says.place, says.signIn],
  data: (people.value ?? []).map(person => [
    `${person.name}${person.hasLeft ? says.hasLeft2 : ''}`,
    person.roles.map(role => words.roles[role]).join(', '),
    placeOf(person),
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
    <FrameKey v-if="editing === null" look="go" @click="edit('new')">
      {{ says.addSomebody }}
    </FrameKey>
    <section v-else class="edit" :aria-label="says.person">
      <h2>{{ editing === 'new' ? says.somebodyNew : editing.name }}</h2>
      <FrameRefused :says="refused" />
      <FrameForm of="person.add" :payload="profile" @send="save">
        <div class="columns">
          <FrameText v-model="entry.name" :label="says.name" maxlength="80" is-needed />
          <FrameSelect
            v-model="entry.areaId"
            :label="says.ownArea"
            :hint="says.anInstructorWithoutOneLooks"
            :none="says.none"
            :ids="facts.site.areas.map(({ areaId }) => areaId)"
            :named="id => areaNameOf(id) ?? id"
          />
          <FrameSelect
            v-model="entry.bayId"
            :label="says.ownBay"
            :none="says.none"
            :ids="facts.site.bays.map(({ bayId }) => bayId)"
            :named="id => bayLabelOf(id) ?? id"
          />
        </div>
        <FrameField
          v-slot="{ labelledBy }"
          is-group
          :label="says.roles"
          name="roles"
          :lacks="entry.roles.length === 0 ? says.atLeastOneRole : ''"
        >
          <div class="keys" role="group" :aria-labelledby="labelledBy">
            <FrameKey
              v-for="role in ROLES"
              :key="role"
              :picked="entry.roles.includes(role)"
              @click="toggleRole(role)"
            >
              {{ words.roles[role] }}
            </FrameKey>
          </div>
        </FrameField>
        <div class="keys foot">
          <FrameKey @click="editing = null">
            {{ says.back }}
          </FrameKey>
          <FrameAsk v-if="editing !== 'new'" :asks="says.leavesForGood(editing.name)" :does="says.hasLeft" @done="leave(editing)">
            {{ says.hasLeft }}
          </FrameAsk>
          <FrameKey look="go" type="submit">
            {{ editing === 'new' ? says.add : says.save }}
          </FrameKey>
        </div>
      </FrameForm>
      <template v-if="editing !== 'new'">
        <PersonCompetence :key="editing.personId" :person="editing" @saved="refresh" />
        <PersonCode :key="editing.personId" :person="editing" @given="refresh" />
        <PersonWearer :key="editing.personId" :person-id="editing.personId" />
      </template>
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
        <FrameTakeOut name="people" :rows="taken" :count="people.length" />
      </template>
      <template #name="{ row }">
        <b>{{ row.name }}</b>{{ row.hasLeft ? says.hasLeft2 : '' }}
      </template>
      <template #change="{ row }">
        <FrameKey v-if="!row.hasLeft" @click="edit(row)">
          {{ says.change }} <span class="visually-hidden">{{ row.name }}</span>
        </FrameKey>
      </template>
    </FrameTable>
    <PersonDevices of="all" />
  </main>
</template>

<style scoped>
.edit { border: var(--line-heavy) solid var(--ink); padding: var(--space-7); background: var(--panel); display: grid; gap: var(--space-4); }
.foot { margin-top: var(--space-6); justify-content: flex-end; }
.list { margin-top: var(--space-8); }
.end { text-align: right; }
</style>
