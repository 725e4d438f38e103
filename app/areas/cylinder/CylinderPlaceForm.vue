<script setup lang="ts">
import type { Place, StoreLayout } from '#core/streams/place/place'
import { PLACE_LIMITS } from '#core/streams/place/place'
import { wordId } from '#core/ids/word-id'
import type { PlaceReading } from '#shared/contract/readings'
import { gasPages } from '~/words/gas'

const says = gasPages.placeForm

/** A place on the site's grid: its outline, its room, its walls and what burns in it. */
const { reading } = defineProps<{ reading: PlaceReading | null }>()
const shop = useShopUnits()
const goOn = useGoOn()
const before = reading?.place
const name = ref(before?.name ?? '')
const level = ref<number | undefined>(before?.level ?? 0)
const xM = ref<number | undefined>(before?.xM ?? 0)
const yM = ref<number | undefined>(before?.yM ?? 0)
const widthM = ref<number | undefined>(before?.widthM)
const depthM = ref<number | undefined>(before?.depthM)
const isClosed = ref(before ? before.room !== null : false)
const volumeM3 = ref<number | undefined>(before?.room?.volumeM3)
const supplyM3PerS = ref<number | undefined>(before?.room?.supplyM3PerS ?? 0)
/** A wall or what burns while it is typed: it has a name, and its figures may be missing. */
type Draft<Whole, Named extends keyof Whole> = { -readonly [Key in keyof Whole]: Key extends Named ? Whole[Key] : Whole[Key] | undefined }
type Wall = Draft<StoreLayout['barriers'][number], 'name'>
type Burns = Draft<StoreLayout['combustibles'][number], 'id'>
const walls = ref<Wall[]>((before?.store?.barriers ?? []).map(wall => ({ ...wall })))
const burns = ref<Burns[]>((before?.store?.combustibles ?? []).map(one => ({ ...one })))
const addWall = () => {
  walls.value.push({
    name: says.wall(walls.value.length + 1),
    x1M: xM.value,
    y1M: yM.value,
    x2M: xM.value,
    y2M: (yM.value ?? 0) + (depthM.value ?? 0),
    heightM: undefined,
    ratingMin: undefined,
  })
}
const addBurns = () => {
  burns.value.push({ id: '', xM: undefined, yM: undefined, widthM: undefined, depthM: undefined, highly: undefined })
}
const count = { unit: '', step: 1, toShown: (si: number) => si, fromShown: (shown: number) => Math.round(shown) }
const minutes = { ...count, unit: 'min' }
const whole = <Fields extends object>(fields: Fields): fields is { [Key in keyof Fields]: Exclude<Fields[Key], undefined> } =>
  Object.entries(fields).every(([key, value]) => key === 'highly' || (value !== undefined && value !== ''))

const described = computed<Omit<Place, 'store'> | null>(() => {
  const base = { name: name.value.trim(), level: level.value, xM: xM.value, yM: yM.value, widthM: widthM.value, depthM: depthM.value }
  const room = { volumeM3: volumeM3.value, supplyM3PerS: supplyM3PerS.value }
  if (!whole(base)) return null
  return isClosed.value ? whole(room) ? { ...base, room } : null : { ...base, room: null }
})
const store = computed<StoreLayout | null>(() => {
  const [barriers, combustibles] = [walls.value, burns.value]
  return barriers.every(whole) && combustibles.every(whole) ? JSON.parse(JSON.stringify({ barriers, combustibles })) as StoreLayout : null
})
const placeId = computed(() => reading?.placeId ?? wordId(name.value, 'place'))
const { act, said, isRefused, busy } = useSenderTo(() => `place/${placeId.value}`)
async function save() {
  if (!described.value || !store.value) return
  const sent = await act('place.describe', described.value, reading?.version ?? 0)
  if (!sent.ok) return
  const laid = await act('place.lay-out-store', { store: store.value })
  if (laid.ok) await goOn('/gas')
}
</script>

<template>
  <FrameForm class="place" :busy="busy" @send="save">
    <h2>{{ reading ? before!.name : says.aPlace }}</h2>
    <p class="soft">
      {{ says.everythingStandsOnOneGrid }}
    </p>
    <FrameText v-model="name" :label="says.name" maxlength="80" is-needed />
    <div class="columns">
      <FrameNumber v-model="xM" :label="says.beginsAlong" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
      <FrameNumber v-model="yM" :label="says.beginsAcross" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
      <FrameNumber v-model="widthM" :label="says.long" :unit="shop.height" :limits="PLACE_LIMITS.sizeM" />
      <FrameNumber v-model="depthM" :label="says.deep" :unit="shop.height" :limits="PLACE_LIMITS.sizeM" />
      <FrameNumber v-model="level" :label="says.storey0IsTheGround" :unit="count" :limits="PLACE_LIMITS.level" />
    </div>
    <div class="keys">
      <FrameKey :picked="!isClosed" @click="isClosed = false">
        {{ says.inTheOpen }}
      </FrameKey>
      <FrameKey :picked="isClosed" @click="isClosed = true">
        {{ says.aClosedRoom }}
      </FrameKey>
    </div>
    <div v-if="isClosed" class="columns">
      <FrameNumber v-model="volumeM3" :label="says.room" :unit="shop.volume" :limits="PLACE_LIMITS.volumeM3" />
      <FrameNumber v-model="supplyM3PerS" :label="says.airSupplied" :unit="shop.airFlow" :limits="PLACE_LIMITS.supplyM3PerS" />
    </div>
    <h3>{{ says.wallsThatPart }}</h3>
    <div v-for="(wall, index) in walls" :key="index" class="one">
      <FrameText v-model="wall.name" :label="says.called" maxlength="80" is-needed />
      <div class="columns">
        <FrameNumber v-model="wall.x1M" :label="says.fromAlong" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
        <FrameNumber v-model="wall.y1M" :label="says.fromAcross" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
        <FrameNumber v-model="wall.x2M" :label="says.toAlong" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
        <FrameNumber v-model="wall.y2M" :label="says.toAcross" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
        <FrameNumber v-model="wall.heightM" :label="says.high" :unit="shop.height" :limits="PLACE_LIMITS.wallHeightM" />
        <FrameNumber
          v-model="wall.ratingMin"
          :label="says.standsAFireFor"
          :unit="minutes"
          :limits="PLACE_LIMITS.ratingMin"
          :hint="says.n0WhereNobodyHasProof"
        />
      </div>
      <FrameKey @click="walls.splice(index, 1)">
        {{ says.takeAway(wall.name || says.it) }}
      </FrameKey>
    </div>
    <FrameKey @click="addWall">
      {{ says.addAWall }}
    </FrameKey>
    <h3>{{ says.whatBurnsBesideThem }}</h3>
    <div v-for="(one, index) in burns" :key="index" class="one">
      <FrameText v-model="one.id" :label="says.whatItIs" maxlength="80" is-needed />
      <div class="columns">
        <FrameNumber v-model="one.xM" :label="says.beginsAlong" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
        <FrameNumber v-model="one.yM" :label="says.beginsAcross" :unit="shop.height" :limits="PLACE_LIMITS.gridM" />
        <FrameNumber v-model="one.widthM" :label="says.long" :unit="shop.height" :limits="PLACE_LIMITS.sizeM" />
        <FrameNumber v-model="one.depthM" :label="says.deep" :unit="shop.height" :limits="PLACE_LIMITS.sizeM" />
      </div>
      <div class="keys">
        <FrameKey
          :picked="one.highly === true"
          @click="one.highly = true"
        >
          {{ says.oilPackingWoolFiercely }}
        </FrameKey>
        <FrameKey
          :picked="one.highly === false"
          @click="one.highly = false"
        >
          {{ says.likeWood }}
        </FrameKey>
        <FrameKey @click="burns.splice(index, 1)">
          {{ says.takeAway(one.id || says.it) }}
        </FrameKey>
      </div>
    </div>
    <FrameKey @click="addBurns">
      {{ says.addWhatBurns }}
    </FrameKey>
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.save }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.place { display: grid; gap: var(--space-5); }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.one { display: grid; gap: var(--space-3); border-left: 5px solid var(--rule); padding-left: var(--space-6); }
</style>
