<script setup lang="ts">
import type { PersonProfile } from '#core/streams/person/person'
import { ROLES } from '#core/ids/vocabulary'
import type { RoleId } from '#core/ids/vocabulary'
import type { PersonReading } from '#shared/contract/readings'
import { makeUuid } from '~/stores/outbox'
import { personStream } from '#core/ids/streams'
import { peoplePages } from '~/words/people'

const says = peoplePages.page

/** Somebody new, or somebody who is here: who they are, and what is written down of them. */
const { person, groups } = defineProps<{
  /** Null for somebody new. */
  person: PersonReading | null
  /** Groups that are there already. */
  groups: readonly string[]
}>()
const emit = defineEmits<{ done: [], changed: [] }>()
const facts = useFacts()
const { send, refused } = useSender()
const entry = reactive<{ name: string, group: string, roles: readonly RoleId[], areaId: string, bayId: string }>({
  name: person?.name ?? '',
  group: person?.group ?? '',
  roles: person?.roles ?? ['learner'],
  areaId: person?.areaId ?? '',
  bayId: person?.bayId ?? '',
})
const toggleRole = (role: RoleId) => {
  entry.roles = entry.roles.includes(role) ? entry.roles.filter(other => other !== role) : [...entry.roles, role]
}
const profile = computed<PersonProfile>(() => ({
  name: entry.name.trim(),
  roles: entry.roles,
  areaId: entry.areaId || null,
  bayId: entry.bayId || null,
  group: entry.group.trim() || null,
}))
async function save() {
  const sent = person === null
    ? await send('person.add', { id: personStream(makeUuid()), expectedVersion: 0 }, profile.value)
    : await send('person.change', { id: personStream(person.personId), expectedVersion: person.version }, profile.value)
  if (sent.ok) emit('done')
}
async function leave({ personId, version }: PersonReading) {
  const sent = await send('person.leave', { id: personStream(personId), expectedVersion: version }, {})
  if (sent.ok) emit('done')
}
</script>

<template>
  <section class="edit" :aria-label="says.person">
    <h2>{{ person === null ? says.somebodyNew : person.name }}</h2>
    <FrameRefused :says="refused" />
    <FrameForm of="person.add" :payload="profile" @send="save">
      <div class="columns">
        <FrameText v-model="entry.name" :label="says.name" maxlength="80" is-needed />
        <FrameText
          v-model="entry.group"
          :label="says.group"
          maxlength="40"
          :hint="says.groupHint"
          :list="groups.length > 0 ? 'groups' : undefined"
        />
        <FrameSelect
          v-model="entry.bayId"
          :label="says.ownBay"
          :none="says.none"
          :ids="facts.site.bays.map(({ bayId }) => bayId)"
          :named="id => facts.site.bays.find(({ bayId }) => bayId === id)?.label ?? id"
        />
        <FrameSelect
          v-model="entry.areaId"
          :label="says.ownArea"
          :hint="says.anInstructorWithoutOneLooks"
          :none="says.none"
          :ids="facts.site.areas.map(({ areaId }) => areaId)"
          :named="id => facts.site.areas.find(({ areaId }) => areaId === id)?.name ?? id"
        />
      </div>
      <datalist v-if="groups.length > 0" id="groups">
        <option v-for="group in groups" :key="group" :value="group" />
      </datalist>
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
        <FrameKey @click="emit('done')">
          {{ says.back }}
        </FrameKey>
        <FrameAsk v-if="person" :asks="says.leavesForGood(person.name)" :does="says.hasLeft" @done="leave(person)">
          {{ says.hasLeft }}
        </FrameAsk>
        <FrameKey look="go" type="submit">
          {{ person === null ? says.add : says.save }}
        </FrameKey>
      </div>
    </FrameForm>
    <template v-if="person">
      <PersonSignOffs :person="person" @saved="emit('changed')" />
      <PersonOutfit :person-id="person.personId" />
      <PersonCompetence :person="person" @saved="emit('changed')" />
      <PersonCode :person="person" @given="emit('changed')" />
      <PersonCare :person="person" />
      <PersonWearer :person-id="person.personId" />
      <LazyPersonAirRecord :person-id="person.personId" />
    </template>
  </section>
</template>

<style scoped>
.edit { border: var(--line-heavy) solid var(--ink); padding: var(--space-7); background: var(--panel); display: grid; gap: var(--space-4); }
.foot { margin-top: var(--space-6); justify-content: flex-end; }
</style>
