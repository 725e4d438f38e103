<script setup lang="ts">
import type { Assignment } from '#core/streams/kit-item/kit-item'

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
  <FrameField v-slot="{ id }" label="Used by or kept at">
    <select :id="id" v-model="key" class="entry">
      <option value="">
        nobody for now: in the store
      </option>
      <optgroup label="Bays">
        <option v-for="bay in facts.site.bays.filter(one => !one.closed)" :key="bay.bayId" :value="`bay ${bay.bayId}`">
          Bay {{ bay.label }}
        </option>
      </optgroup>
      <optgroup label="People">
        <option v-for="[personId, name] in lookup.names" :key="personId" :value="`person ${personId}`">
          {{ name }}
        </option>
      </optgroup>
      <optgroup label="Places">
        <option v-for="{ placeId, place } in grid?.places" :key="placeId" :value="`place ${placeId}`">
          {{ place.name }}
        </option>
      </optgroup>
    </select>
  </FrameField>
  <FrameNumber
    v-if="withDistance && chosen?.to === 'bay'"
    v-model="distanceM"
    label="Way to the farthest work"
    :unit="shop.height"
    :limits="{ min: 0, max: 500 }"
    optional
    hint="from where it hangs; not known, it counts for nothing"
  />
  <div v-if="chosen?.to === 'bay'" class="keys" role="group" aria-label="It serves these bays too">
    <span class="label">It serves too</span>
    <button
      v-for="bay in facts.site.bays.filter(one => !one.closed && one.bayId !== chosen?.id)"
      :key="bay.bayId"
      class="key"
      :class="{ picked: isAlso(bay.bayId) }"
      :aria-pressed="isAlso(bay.bayId)"
      type="button"
      @click="toggle(bay.bayId)"
    >
      {{ bay.label }}
    </button>
  </div>
</template>

<style scoped>
.label { align-self: center; font-weight: 650; }
</style>
