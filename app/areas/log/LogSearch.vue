<script setup lang="ts">
import { LOG_KINDS } from '#core/ids/log-kinds'
import { cylinderStream, kitItemStream, permitStream, personStream, readStreamId } from '#core/ids/streams'
import { shownTag } from '#core/ids/tag'
import { useLogSearch } from './useLogSearch'
import { logPages } from '~/words/log'

const says = logPages.page

/** What of the record is shown: by day, by whom, where, of what, and of which kind. */
const facts = useFacts()
const lookup = useLookup()
const { part, isNarrowed } = useLogSearch()
const day = part('day')
const by = part('by')
const at = part('at')
const of = part('of')
const kind = part('kind')
const { reading: gas } = useReading('gas', () => ({}), among('cylinder/', 'place/'))
const { reading: items } = useReading('items', () => ({}), among('item/'))
const { reading: permits } = useReading('permits', () => ({ limit: 100 }), among('permit/'))

/** On a phone the search folds away: the record is what one comes for. */
const isShown = ref(isNarrowed.value)

const places = computed(() => [
  { label: says.bays, ids: facts.site.bays.map(({ bayId }) => `bay/${bayId}`) },
  { label: says.places, ids: gas.value?.places.map(({ placeId }) => `place/${placeId}`) ?? [] },
])
const placeName = (id: string): string => {
  const [where, name = ''] = id.split('/')
  return where === 'bay'
    ? says.bay(facts.site.bays.find(({ bayId }) => bayId === name)?.label ?? name)
    : gas.value?.places.find(({ placeId }) => placeId === name)?.place.name ?? name.replaceAll('-', ' ')
}
const people = computed(() => facts.reading?.people.map(({ personId }) => personId) ?? [])
const personName = (id: string): string => lookup.names.get(id) ?? says.aPerson
const permitRows = computed(() => [...permits.value?.live ?? [], ...permits.value?.ended ?? []])
const things = computed(() => {
  const groups = [
    { label: says.cylinders, ids: gas.value?.cylinders.map(({ tagId }) => cylinderStream(tagId)) ?? [] },
    { label: says.kit, ids: items.value?.items.map(({ tagId }) => kitItemStream(tagId)) ?? [] },
    { label: says.permits, ids: permitRows.value.map(({ permitId }) => permitStream(permitId)) },
    { label: says.people, ids: people.value.map(personStream) },
  ]
  // What an address asks for is in the list, whether or not it is among what was read for it.
  const isListed = of.value === '' || groups.some(({ ids }) => ids.includes(of.value))
  return isListed ? groups : [{ label: '', ids: [of.value] }, ...groups]
})
const thingName = (streamId: string): string => {
  const read = readStreamId(streamId)
  if (!read) return streamId
  if (read.kind === 'person') return personName(read.id)
  if (read.kind === 'permit') return permitRows.value.find(({ permitId }) => permitId === read.id)?.permit.request?.place.where ?? read.id
  const called = items.value?.items.find(({ tagId }) => tagId === read.id)?.item.name
  return `${shownTag(read.id)}${called ? ` ${called}` : ''}`
}
</script>

<template>
  <FrameKey class="narrow only" :aria-expanded="isShown" @click="isShown = !isShown">
    {{ says.narrow }}
  </FrameKey>
  <div class="search only" :class="{ shown: isShown }" role="search" :aria-label="says.log">
    <FrameDay v-model="day" :label="says.day" />
    <FrameSearch v-model="by" :label="says.by" :none="says.anybody" :groups="[{ label: '', ids: people }]" :named="personName" />
    <FrameSearch v-model="at" :label="says.at" :none="says.anywhere" :groups="places" :named="placeName" />
    <FrameSearch v-model="of" :label="says.of" :none="says.anything" :groups="things" :named="thingName" />
    <FrameSelect v-model="kind" :label="says.kind" :none="says.allKinds" :ids="LOG_KINDS" :named="id => says.kinds[id]" />
  </div>
</template>

<style scoped>
.search { display: grid; grid-template-columns: repeat(auto-fit, minmax(190px, 1fr)); gap: var(--space-2) var(--space-6); align-items: start; }
.narrow { display: none; }
@media (max-width: 700px) {
  .narrow { display: block; width: 100%; margin-bottom: var(--space-4); }
  .search:not(.shown) { display: none; }
}
</style>
