<script setup lang="ts">
import { placeClass } from '#core/opening/place-class'
import { stationStream } from '#core/ids/streams'
import { openingPages } from '~/words/opening'

const says = openingPages.class

/** A class comes in: each to their own bay, the rest to what is free, in one go. Seen before it is done. */
const facts = useFacts()
const judged = useJudged()
const { whereabouts } = useWhereabouts()
const { send, refused, busy } = useSender()
const people = computed(() => facts.reading?.people ?? [])
const groups = computed(() => [...new Set(people.value.flatMap(({ group }) => group ?? []))].sort())
const chosen = ref('')
const plan = computed(() =>
  chosen.value === ''
    ? null
    : placeClass(
        judged.placed.map(({ bay, station }) => ({ bayId: bay.bayId, personId: station.personId })),
        people.value.filter(({ group }) => group === chosen.value),
        personId => whereabouts.value.get(personId)?.watchesAt == null,
      ))
const names = (ids: readonly string[]) => ids.map(id => facts.names.get(id) ?? id).join(', ')
const moves = computed(() =>
  judged.placed.flatMap(({ bay, version }) => {
    const personId = plan.value?.people[bay.bayId]
    return personId === undefined ? [] : [{ bay, version, personId }]
  }))
async function place() {
  const on = moves.value.map(({ bay, version }) => ({ id: stationStream(bay.bayId), expectedVersion: version }))
  const sent = await send('station.place-people', on, { people: plan.value!.people })
  if (sent.ok) chosen.value = ''
}
</script>

<template>
  <section class="class" :aria-label="says.aClassComesIn">
    <FrameSelect
      v-model="chosen"
      :label="says.aClassComesIn"
      :ids="groups"
      :named="id => id"
      :none="says.chooseAClass"
      :hint="says.eachToTheirOwn"
    />
    <template v-if="plan">
      <p v-if="moves.length === 0" class="said">
        {{ says.nobodyToPlace }}
      </p>
      <ul v-else>
        <li v-for="{ bay, personId } in moves" :key="bay.bayId">
          <b class="print">{{ bay.label }}</b> {{ names([personId]) }}
        </li>
      </ul>
      <p v-if="plan.left.length > 0" class="state-hold">
        {{ says.noBayFor(names(plan.left)) }}
      </p>
      <FrameRefused :says="refused" />
      <FrameKey v-if="moves.length > 0" look="go" :disabled="busy" @click="place">
        {{ says.placeThem(moves.length) }}
      </FrameKey>
    </template>
  </section>
</template>

<style scoped>
.class { display: grid; gap: var(--space-3); justify-items: start; max-width: 560px; }
ul { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-7); }
</style>
