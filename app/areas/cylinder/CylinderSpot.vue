<script setup lang="ts">
import { judgePlace } from '#core/cylinder/judge-place'
import type { CylinderHere } from '#core/cylinder/judge-place'
import type { CylinderCommands } from '#core/streams/cylinder/cylinder'
import type { PlaceReading } from '#shared/contract/readings'
import { gasPages } from '~/words/gas'

const says = gasPages.spot

/** Where a cylinder is put and how it stands, with what that would mean before it is done. */
const { places, others, self } = defineProps<{
  places: readonly PlaceReading[]
  others: readonly CylinderHere[]
  self: CylinderHere | null
}>()
const spot = defineModel<CylinderCommands['cylinder.place'] | null>({ required: true })
const facts = useFacts()
const shop = useShopUnits()
const standing = self?.cylinder.standing
const placeId = ref(standing?.in === 'place' ? standing.placeId : places.length === 1 ? places[0]!.placeId : '')
const place = computed(() => places.find(one => one.placeId === placeId.value)?.place ?? null)
const xM = ref<number | undefined>(standing?.in === 'place' ? standing.xM : undefined)
const yM = ref<number | undefined>(standing?.in === 'place' ? standing.yM : undefined)
const isSecured = ref(false)
const isUpright = ref(false)
const isCapped = ref(false)
const at = (id: string) =>
  others.filter(({ cylinder: { tag, standing: where } }) => where?.in === 'place' && where.placeId === id && tag !== self?.cylinder.tag)
/** The first free corner of the place, so that nobody begins with an empty form. */
watch(placeId, () => {
  if (!place.value || (standing?.in === 'place' && standing.placeId === placeId.value)) return
  const { xM: left, yM: top, widthM, depthM } = place.value
  const taken = at(placeId.value).flatMap(({ cylinder: { standing: where } }) => where?.in === 'place' ? [where] : [])
  for (let y = top + 0.3; y < top + depthM - 0.3; y += 0.5) for (let x = left + 0.3; x < left + widthM - 0.3; x += 0.5) {
    if (taken.some(one => Math.hypot(one.xM - x, one.yM - y) < 0.4)) continue
    xM.value = Math.round(x * 100) / 100
    yM.value = Math.round(y * 100) / 100
    return
  }
}, { immediate: true })
watchEffect(() => {
  spot.value
    = place.value && xM.value !== undefined && yM.value !== undefined
      ? {
          placeId: placeId.value,
          xM: xM.value,
          yM: yM.value,
          isUpright: isUpright.value,
          isSecured: isSecured.value,
          isCapped: isCapped.value,
        }
      : null
})
/** What this spot does to the distances, worked out before anything is moved. */
const would = computed(() => {
  if (!self || !place.value || !spot.value) return null
  const moved: CylinderHere = {
    ...self,
    cylinder: { ...self.cylinder, standing: { in: 'place', placeId: placeId.value, xM: spot.value.xM, yM: spot.value.yM } },
  }
  return judgePlace(place.value, [...at(placeId.value), moved], facts.rules.storageBasis, {
    places: places.map(one => ({ ...one.place, placeId: one.placeId })),
    cylinders: others.filter(({ cylinder: { tag } }) => tag !== self.cylinder.tag),
  })
    .storage.conflicts.filter(({ between }) => between.includes(self.cylinder.tag))
    .sort((a, b) => a.distanceM - b.distanceM)
})
const q = useQuantities()
const CONFIRM = [['isUpright', says.upright], ['isSecured', says.chained], ['isCapped', says.capOn]] as const
const stance = { isUpright, isSecured, isCapped }
</script>

<template>
  <div class="spot">
    <div class="columns">
      <FrameSelect
        v-model="placeId"
        :label="says.place"
        :ids="places.map(one => one.placeId)"
        :named="id => places.find(one => one.placeId === id)!.place.name"
        :none="says.choose"
        is-needed
      />
      <FrameNumber v-model="xM" :label="says.alongTheGrid" :unit="shop.height" :limits="{ min: -10000, max: 10000 }" />
      <FrameNumber v-model="yM" :label="says.acrossTheGrid" :unit="shop.height" :limits="{ min: -10000, max: 10000 }" />
    </div>
    <div class="keys" role="group" :aria-label="says.howItStands">
      <FrameKey
        v-for="[key, name] in CONFIRM"
        :key="key"
        :picked="stance[key].value"
        @click="stance[key].value = !stance[key].value"
      >
        {{ name }}
      </FrameKey>
    </div>
    <p v-if="would" class="said" :class="{ 'is-open': would.length === 0 }" aria-live="polite">
      <template v-if="would.length === 0">
        {{ says.hereItKeepsEveryDistance }}
      </template>
      <template v-else>
        {{ says.hereItStandsFromIs(
          q.distance(would[0]!.distanceM),
          would[0]!.between.find(id => id !== self?.cylinder.tag) ?? '',
          q.distance(would[0]!.requiredM),
          would.length > 1 ? says.andMoreAreTooNear(would.length - 1) : '',
        ) }}
      </template>
    </p>
  </div>
</template>

<style scoped>
.spot { display: grid; gap: var(--space-4); }
</style>
