<script setup lang="ts">
import type { PersonProfile } from '#core/streams/person/person'
import { ROLES } from '#core/ids/vocabulary'
import type { RoleId } from '#core/ids/vocabulary'
import type { PersonReading } from '#shared/contract/readings'
import { makeUuid } from '~/stores/outbox'
import { personStream } from '#core/ids/streams'

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

async function save() {
  const profile: PersonProfile = { name: entry.name.trim(), roles: entry.roles, areaId: entry.areaId || null, bayId: entry.bayId || null }
  const person = editing.value
  if (person === null) return
  const sent = person === 'new'
    ? await send('person.add', { id: personStream(makeUuid()), expectedVersion: 0 }, profile)
    : await send('person.change', { id: personStream(person.personId), expectedVersion: person.version }, profile)
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
</script>

<template>
  <main class="page">
    <h1>People</h1>
    <p class="lead">
      Everybody who works here. Learners and welders need only a name and a role; a sign-in is for those who set things or read records.
    </p>
    <p v-if="failed" class="said" role="alert">
      {{ failed }}
    </p>
    <FrameKey v-if="editing === null" look="go" @click="edit('new')">
      Add somebody
    </FrameKey>
    <section v-else class="edit" aria-label="Person">
      <h2>{{ editing === 'new' ? 'Somebody new' : editing.name }}</h2>
      <p v-if="refused" class="said" role="alert">
        {{ refused }}
      </p>
      <form @submit.prevent="save">
        <div class="columns">
          <FrameField v-slot="{ id }" label="Name">
            <UInput :id="id" v-model="entry.name" maxlength="80" required />
          </FrameField>
          <FrameSelect
            v-model="entry.areaId"
            label="Own area"
            hint="an instructor without one looks after the whole floor"
            none="none"
            :ids="facts.site.areas.map(({ areaId }) => areaId)"
            :named="id => areaNameOf(id) ?? id"
          />
          <FrameSelect
            v-model="entry.bayId"
            label="Own bay"
            none="none"
            :ids="facts.site.bays.map(({ bayId }) => bayId)"
            :named="id => bayLabelOf(id) ?? id"
          />
        </div>
        <p class="label">
          Roles
        </p>
        <div class="keys" role="group" aria-label="Roles">
          <FrameKey
            v-for="role in ROLES"
            :key="role"
            :picked="entry.roles.includes(role)"
            @click="toggleRole(role)"
          >
            {{ words.roles[role] }}
          </FrameKey>
        </div>
        <div class="keys foot">
          <FrameKey @click="editing = null">
            Back
          </FrameKey>
          <FrameKey v-if="editing !== 'new'" @click="leave(editing)">
            Has left
          </FrameKey>
          <FrameKey look="go" type="submit" :disabled="!entry.name.trim() || entry.roles.length === 0">
            {{ editing === 'new' ? 'Add' : 'Save' }}
          </FrameKey>
        </div>
      </form>
      <template v-if="editing !== 'new'">
        <PersonCompetence :key="editing.personId" :person="editing" @saved="refresh" />
        <PersonCode :key="editing.personId" :person="editing" @given="refresh" />
        <PersonWearer :key="editing.personId" :person-id="editing.personId" />
      </template>
    </section>
    <table v-if="people" class="ledger list">
      <thead>
        <tr><th>Name</th><th>Roles</th><th>Place</th><th>Sign-in</th><th><span class="visually-hidden">Change</span></th></tr>
      </thead>
      <tbody>
        <tr v-for="person in people" :key="person.personId" :class="{ soft: person.hasLeft }">
          <td><b>{{ person.name }}</b>{{ person.hasLeft ? ', has left' : '' }}</td>
          <td>{{ person.roles.map(role => words.roles[role]).join(', ') }}</td>
          <td>{{ [areaNameOf(person.areaId), bayLabelOf(person.bayId) && `bay ${bayLabelOf(person.bayId)}`].filter(Boolean).join(', ') || '–' }}</td>
          <td>{{ person.loginName ?? '–' }}{{ person.pinSet ? ', PIN' : '' }}</td>
          <td class="end">
            <FrameKey v-if="!person.hasLeft" @click="edit(person)">
              Change<span class="visually-hidden"> {{ person.name }}</span>
            </FrameKey>
          </td>
        </tr>
      </tbody>
    </table>
    <PersonDevices of="all" />
  </main>
</template>

<style scoped>
.edit { border: 3px solid var(--ink); padding: 16px; background: var(--panel); display: grid; gap: 8px; }
.label { font-weight: 750; padding-bottom: 4px; }
.foot { margin-top: 12px; justify-content: flex-end; }
.list { margin-top: 20px; }
.end { text-align: right; }
</style>
