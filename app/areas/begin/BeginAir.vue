<script setup lang="ts">
import { bayRows } from '#core/opening/bay-rows'
import type { FittedBay } from '#core/streams/hall/hall'
import type { Hall } from '#core/streams/site/site'
import { hallStream } from '#core/ids/streams'
import type { HallAir } from '#core/ventilation/hall'
import { HALL_LIMITS, OPEN_AIR_ROOM, USUAL_AIR } from '#core/ventilation/hall'
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
const outdoorShare = ref<number | undefined>()
const airSpeedMPerS = ref<number | undefined>()

const state = computed(() => facts.reading?.air.halls[hall.hallId] ?? null)
const air = computed(() => {
  const isOpenAir = kind.value === 'open-air'
  const room = isOpenAir
    ? { ...OPEN_AIR_ROOM, outdoorShare: 1 }
    : { volumeM3: volumeM3.value, ceilingM: ceilingM.value, supplyM3PerS: supplyM3PerS.value, outdoorShare: outdoorShare.value }
  const whole = { ...USUAL_AIR, ...room, isOpenAir, airSpeedMPerS: airSpeedMPerS.value }
  return Object.values(whole).some(value => value === undefined) ? null : whole as HallAir
})
const on = () => ({ id: hallStream(hall.hallId), expectedVersion: facts.reading?.air.versions.halls[hall.hallId] ?? 0 })
async function describe() {
  if (air.value && (await send('hall.describe', on(), { air: air.value })).ok) await facts.refresh()
}

const inHall = computed(() => bays.value.filter(bay => bay.hallId === hall.hallId))
const unfitted = computed(() => inHall.value.filter(({ isFitted }) => !isFitted))
const apartM = ref<number | undefined>()
/** A bay that is alone has no neighbour: nobody is asked, and it stands in the corner. */
const isAlone = computed(() => inHall.value.length === 1)
const apart = computed(() => (isAlone.value ? APART_LIMITS_M.min : apartM.value))
async function fit(fitted: FittedBay) {
  if (apart.value === undefined) return
  const last = inHall.value.flatMap(({ bayId }) => state.value?.bays[bayId] ?? []).at(-1)
  const places = bayRows(unfitted.value.length, apart.value, hall.size?.lengthM, last)
  const fittings = unfitted.value.map(({ bayId }, nth) => [bayId, { ...fitted, ...places[nth]! }] as const)
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
          <FrameNumber v-model="outdoorShare" :label="says.outdoors" :unit="shareUnit" :limits="HALL_LIMITS.outdoorShare" />
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
    <p v-else class="soft">
      {{ says.done }}
    </p>
    <FrameRefused :says="refused" />
  </section>
</template>

<style scoped>
.hall { display: grid; gap: var(--space-4); padding-bottom: var(--space-6); }
</style>
