<script setup lang="ts">
import { exchanged, placedIn, slotsOf } from '#core/opening/class-slots'
import type { Slot } from '#core/opening/class-slots'
import { placeClass } from '#core/opening/place-class'
import { stationStream } from '#core/ids/streams'
import { openingPages } from '~/words/opening'

const says = openingPages.class

/** A class comes in: each to their own bay, the rest to what is free, in one go. Seen before it is done, and put right by hand. */
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
const open = computed(() => judged.placed.filter(({ station }) => station.personId === null).map(({ bay }) => bay.bayId))
const slots = shallowRef<readonly Slot[]>([])
/** The one that was pressed, and waits for where it goes. */
const picked = ref<number | null>(null)
// What others do meanwhile makes another plan: what was put right by hand stands only as long as it is about the same bays and people.
const planned = computed(() => JSON.stringify([plan.value, open.value]))
watch(planned, () => {
  slots.value = plan.value ? slotsOf(plan.value, open.value) : []
  picked.value = null
})
const exchange = (a: number, b: number) => {
  slots.value = exchanged(slots.value, a, b)
  picked.value = null
}
function press(index: number) {
  if (picked.value === null) picked.value = index
  else exchange(picked.value, index)
}
const labelOf = (bayId: string | null) => judged.placed.find(({ bay }) => bay.bayId === bayId)?.bay.label ?? says.noBay
const moves = computed(() => {
  const people = placedIn(slots.value)
  return judged.placed.flatMap(({ bay, version }) => {
    const personId = people[bay.bayId]
    return personId === undefined ? [] : [{ bay, version, personId }]
  })
})
const left = computed(() => slots.value.flatMap(({ bayId, personId }) => (bayId === null && personId !== null ? [personId] : [])))
async function place() {
  const on = moves.value.map(({ bay, version }) => ({ id: stationStream(bay.bayId), expectedVersion: version }))
  const sent = await send('station.place-people', on, { people: placedIn(slots.value) })
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
      <template v-else>
        <p class="soft">
          {{ picked === null ? says.putRight : says.whereTo }}
        </p>
        <ul :aria-label="says.whoGoesWhere">
          <OpeningSlot
            v-for="({ bayId, personId }, index) in slots"
            :key="index"
            :index="index"
            :label="labelOf(bayId)"
            :name="personId === null ? null : names([personId])"
            :picked="picked === index"
            @press="press(index)"
            @take="exchange($event, index)"
          />
        </ul>
      </template>
      <p v-if="left.length > 0" class="state-hold">
        {{ says.noBayFor(names(left)) }}
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
ul { display: grid; grid-template-columns: repeat(auto-fill, minmax(220px, 1fr)); gap: var(--space-3); width: 100%; }
</style>
