<script setup lang="ts">
import { bayRows } from '#core/opening/bay-rows'
import type { FittedBay } from '#core/streams/hall/hall'
import type { Hall } from '#core/streams/site/site'
import { hallStream } from '#core/ids/streams'
import { HALL_LIMITS } from '#core/ventilation/hall'
import { beginPages } from '~/words/begin'

const says = beginPages.air

/** The air of one hall, and what draws the fume at its bays: the same at each, to be put right one by one at Air. */
const { hall } = defineProps<{ hall: Hall }>()
const facts = useFacts()
const units = useShopUnits()
const { bays } = useBegun()
const { send, refused, busy } = useSender()

/** From the middle of one bay to the next, m. */
const APART_LIMITS_M = { min: 0.5, max: 100 }
const KINDS = ['hall', 'open-air'] as const
const kind = ref<typeof KINDS[number] | ''>('hall')
/** What was measured when it was set out goes before. */
const { lengthM = 0, widthM = 0, heightM = 0 } = hall.size ?? {}
const volumeM3 = ref<number | undefined>(lengthM * widthM * heightM || undefined)
const ceilingM = ref<number | undefined>(heightM || undefined)
const supplyM3PerS = ref<number | undefined>()
const outdoorShare = ref<number | undefined>(1)
const airSpeedMPerS = ref<number | undefined>()
const share = { unit: '%', step: 1, toShown: (si: number) => si * 100, fromShown: (shown: number) => shown / 100 }

const state = computed(() => facts.reading?.air.halls[hall.hallId] ?? null)
const air = computed(() => {
  const isOpenAir = kind.value === 'open-air'
  // In the open the room's own numbers mean nothing; they are kept at what a hall would need.
  const [volume, ceiling, supply] = isOpenAir ? [100_000, 20, 1000] : [volumeM3.value, ceilingM.value, supplyM3PerS.value]
  const [outdoor, speed] = [isOpenAir ? 1 : outdoorShare.value, airSpeedMPerS.value]
  return volume === undefined || ceiling === undefined || supply === undefined || outdoor === undefined || speed === undefined
    ? null
    : {
        isOpenAir,
        volumeM3: volume,
        ceilingM: ceiling,
        supplyM3PerS: supply,
        outdoorShare: outdoor,
        filterEfficiency: 0,
        backgroundMgPerM3: 0,
        nearFieldRadiusM: 0.5,
        airSpeedMPerS: speed,
      }
})
const on = () => ({ id: hallStream(hall.hallId), expectedVersion: facts.reading?.air.versions.halls[hall.hallId] ?? 0 })
async function describe() {
  if (air.value && (await send('hall.describe', on(), { air: air.value })).ok) await facts.refresh()
}

const unfitted = computed(() => bays.value.filter(bay => bay.hallId === hall.hallId && !bay.isFitted))
/** A bay that is alone is not apart from anything. */
const isAlone = computed(() => bays.value.filter(bay => bay.hallId === hall.hallId).length === 1)
const apartM = ref<number | undefined>()
const apart = computed(() => (isAlone.value ? APART_LIMITS_M.max : apartM.value))
async function fit(fitted: FittedBay) {
  const inHall = bays.value.filter(bay => bay.hallId === hall.hallId)
  const places = bayRows(inHall.length, apart.value ?? 0, hall.size?.lengthM)
  const fittings = unfitted.value.map(({ bayId }) => {
    const { xM, yM } = places[inHall.findIndex(bay => bay.bayId === bayId)]!
    return [bayId, { ...fitted, xM, yM }] as const
  })
  if ((await send('hall.fit-bays', on(), { bays: Object.fromEntries(fittings) })).ok) await facts.refresh()
}
</script>

<template>
  <section class="hall" :aria-label="hall.name">
    <h3>{{ hall.name }}</h3>
    <FrameForm v-if="!state?.air" class="form" :busy="busy" @send="describe">
      <FrameChoice v-model="kind" :label="says.whatItIs" :ids="KINDS" :named="id => says.kinds[id]" />
      <div class="columns">
        <template v-if="kind === 'hall'">
          <FrameNumber v-model="volumeM3" :label="says.volume" :unit="units.volume" :limits="HALL_LIMITS.volumeM3" />
          <FrameNumber v-model="ceilingM" :label="says.ceiling" :unit="units.height" :limits="HALL_LIMITS.ceilingM" />
          <FrameNumber
            v-model="supplyM3PerS"
            :label="says.blownIn"
            :unit="units.airFlow"
            :limits="HALL_LIMITS.supplyM3PerS"
            :hint="says.blownInHint"
          />
          <FrameNumber v-model="outdoorShare" :label="says.outdoors" :unit="share" :limits="HALL_LIMITS.outdoorShare" />
        </template>
        <FrameNumber
          v-model="airSpeedMPerS"
          :label="says.speed"
          :unit="units.speed"
          :limits="HALL_LIMITS.airSpeedMPerS"
          :hint="says.speedHint"
        />
      </div>
      <p class="soft">
        {{ says.later }}
      </p>
      <FrameKey look="go" type="submit" :disabled="busy || air === null">
        {{ says.saveAir }}
      </FrameKey>
    </FrameForm>
    <template v-else-if="unfitted.length > 0">
      <p>
        {{ says.whatDraws(unfitted.length) }}
      </p>
      <FrameNumber
        v-if="!isAlone"
        v-model="apartM"
        :label="says.apart"
        :unit="units.height"
        :limits="APART_LIMITS_M"
        :hint="says.inRows"
      />
      <AirExtractionForm v-if="apart !== undefined" is-for-many :fitted="undefined" @fit="fit" />
    </template>
    <p v-else class="state-open">
      {{ says.done }}
    </p>
    <FrameRefused :says="refused" />
  </section>
</template>

<style scoped>
.hall { display: grid; gap: var(--space-4); padding-bottom: var(--space-6); }
</style>
