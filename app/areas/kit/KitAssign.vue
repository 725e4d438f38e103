<script setup lang="ts">
import { byName } from '#core/roll/read-roll'
import type { Assignment } from '#core/streams/kit-item/kit-item'
import { kitPages } from '~/words/kit'

const says = kitPages.assign

/** To which bay, person or place a thing goes; an extinguisher with the way from where it hangs to the farthest work. */
const { withDistance = false } = defineProps<{ withDistance?: boolean }>()
const chosen = defineModel<Assignment>({ required: true })
const facts = useFacts()
const lookup = useLookup()
const { reading: grid } = useReading('places', () => ({}), among('place/'))
const key = computed({
  get: () => chosen.value ? `${chosen.value.to} ${chosen.value.id}` : '',
  set: (value: string) => {
    const [to, id] = value.split(' ')
    chosen.value = value === '' ? null : { to: to as 'bay', id: id! }
  },
})
/** Whoever is here; somebody who left uses nothing any more. */
const people = computed(() => (facts.reading?.people ?? []).toSorted(byName))
type Named = readonly [key: string, name: string]
const names = computed(
  () =>
    new Map([
      ...facts.site.bays.filter(({ closed }) => !closed).map((bay): Named => [`bay ${bay.bayId}`, says.bay2(bay.label)]),
      ...people.value.map(({ personId, name }): Named => [`person ${personId}`, name]),
      ...(grid.value?.places ?? []).map(({ placeId, place }): Named => [`place ${placeId}`, place.name]),
    ]),
)
const named = (id: string) => names.value.get(id) ?? lookup.names.get(id.slice('person '.length)) ?? id
const choices = computed(() =>
  ([['bay ', says.bays], ['person ', says.people], ['place ', says.places]] as const).map(([kind, label]) => ({
    label,
    ids: [...names.value.keys()].filter(id => id.startsWith(kind)),
  })),
)
/** Bays that share it, besides the first. */
const toggle = (bayId: string) => {
  if (chosen.value?.to !== 'bay') return
  const also = chosen.value.alsoIds ?? []
  const next = also.includes(bayId) ? also.filter(id => id !== bayId) : [...also, bayId]
  chosen.value = {
    to: 'bay',
    id: chosen.value.id,
    ...(next.length > 0 ? { alsoIds: next } : {}),
    ...(chosen.value.distanceM === undefined ? {} : { distanceM: chosen.value.distanceM }),
  }
}
const shop = useShopUnits()
const distanceM = computed({
  get: () => chosen.value?.to === 'bay' ? chosen.value.distanceM : undefined,
  set: (metres: number | undefined) => {
    if (chosen.value?.to !== 'bay') return
    const { distanceM: _before, ...kept } = chosen.value
    chosen.value = metres === undefined ? kept : { ...kept, distanceM: metres }
  },
})
const isAlso = (bayId: string) => chosen.value?.to === 'bay' && (chosen.value.alsoIds ?? []).includes(bayId)
</script>

<template>
  <FrameSelect v-model="key" :label="says.usedByOrKeptAt" :none="says.nobodyForNowInThe" :groups="choices" :named="named" />
  <FrameNumber
    v-if="withDistance && chosen?.to === 'bay'"
    v-model="distanceM"
    :label="says.wayToTheFarthestWork"
    :unit="shop.height"
    :limits="{ min: 0, max: 500 }"
    optional
    :hint="says.fromWhereItHangsNot"
  />
  <div v-if="chosen?.to === 'bay'" class="keys" role="group" :aria-label="says.itServesTheseBaysToo">
    <span class="label">{{ says.itServesToo }}</span>
    <FrameKey
      v-for="bay in facts.site.bays.filter(one => !one.closed && one.bayId !== chosen?.id)"
      :key="bay.bayId"
      :picked="isAlso(bay.bayId)"
      @click="toggle(bay.bayId)"
    >
      {{ bay.label }}
    </FrameKey>
  </div>
</template>

<style scoped>
.label { align-self: center; font-weight: 650; }
</style>
