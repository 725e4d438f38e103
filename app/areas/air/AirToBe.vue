<script setup lang="ts">
import { closes } from '#core/findings/finding'
import { judgeHallToBe, MOST_BAYS_TO_BE } from '#core/air/hall-to-be'
import type { HallAir } from '#core/ventilation/hall'
import { HALL_LIMITS, USUAL_AIR } from '#core/ventilation/hall'
import { airPages } from '~/words/air'

const says = airPages.toBe
const form = airPages.hallForm

/** A hall tried out before it exists: its size and air, and how many bays of it weld as which of today's. Nothing is kept. */
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const units = useShopUnits()
const q = useQuantities()

const [lengthM, widthM, heightM] = [ref<number | undefined>(), ref<number | undefined>(), ref<number | undefined>()]
const supplyM3PerS = ref<number | undefined>()
const outdoorShare = ref<number | undefined>(1)
const airSpeedMPerS = ref<number | undefined>()
/** As they were typed, by the bay that they are like; what cannot be read is no number, and not none. */
const counts = shallowRef<ReadonlyMap<string, number | undefined>>(new Map())
const countOf = (bayId: string) => counts.value.has(bayId) ? counts.value.get(bayId) : 0
const setCount = (bayId: string, count: number | undefined) => {
  counts.value = new Map([...counts.value, [bayId, count]])
}

const LIMITS = { side: { min: 1, max: 500 }, count: { min: 0, max: MOST_BAYS_TO_BE } } as const

const volumeM3 = computed(() => (lengthM.value ?? Number.NaN) * (widthM.value ?? Number.NaN) * (heightM.value ?? Number.NaN))
const isVolumeAbsurd = computed(() => volumeM3.value < HALL_LIMITS.volumeM3.min || volumeM3.value > HALL_LIMITS.volumeM3.max)
const air = computed<HallAir | null>(() => {
  const ceilingM = heightM.value
  if (ceilingM === undefined || Number.isNaN(volumeM3.value) || isVolumeAbsurd.value) return null
  if (supplyM3PerS.value === undefined || outdoorShare.value === undefined || airSpeedMPerS.value === undefined) return null
  return {
    isOpenAir: false,
    volumeM3: volumeM3.value,
    ceilingM,
    supplyM3PerS: supplyM3PerS.value,
    outdoorShare: outdoorShare.value,
    airSpeedMPerS: airSpeedMPerS.value,
    ...USUAL_AIR,
  }
})
/** Bays with work today: what a bay to be may be planned after. */
const models = computed(() => judged.placed.filter(({ station }) => station.job !== null))
const kinds = computed(() => models.value.flatMap(({ bay, station }) => {
  const count = countOf(bay.bayId) ?? 0
  const like = { job: station.job, extraction: judged.viewAt(bay).air.extraction, position: station.hoodPosition }
  return count > 0 ? [{ bay, job: station.job!, like, count }] : []
}))
const total = computed(() => kinds.value.reduce((sum, { count }) => sum + count, 0))
const isCountUnread = computed(() => models.value.some(({ bay }) => countOf(bay.bayId) === undefined))
const isTooMany = computed(() => total.value > MOST_BAYS_TO_BE)

const found = computed(() => {
  if (air.value === null || total.value === 0 || isCountUnread.value || isTooMany.value) return null
  const { rules, site } = facts
  const { sheets, now } = judged.standing
  const sides = { lengthM: lengthM.value!, widthM: widthM.value! }
  const judgedKinds = judgeHallToBe(air.value, sides, kinds.value, { rules, sheets, timeZone: site.timeZone, now })
  return kinds.value.map(({ bay, job, count }, nth) => {
    const { exposure, found: seen, missing } = judgedKinds[nth]!
    const holds = [...seen, ...missing].filter(closes)
    const first = holds[0] && lookup.say(holds[0])
    return {
      bayId: bay.bayId,
      label: says.soManyLike(count, bay.label),
      job: jobLine(job, q.value),
      fraction: exposure?.fraction ?? null,
      isOpen: holds.length === 0 && exposure !== null,
      because: first ? [first.message, first.todo].filter(Boolean).join(' ') : '',
    }
  })
})
const comesTo = computed(() => {
  if (isVolumeAbsurd.value) return says.noSuchHall(q.value.volume(HALL_LIMITS.volumeM3.min), q.value.volume(HALL_LIMITS.volumeM3.max))
  if (isCountUnread.value) return says.countUnread
  if (isTooMany.value) return says.atMost(MOST_BAYS_TO_BE)
  if (found.value === null) return says.notYet
  const held = found.value.filter(({ isOpen }) => !isOpen).length
  return held === 0 ? says.allMay(total.value) : says.someHold(held, found.value.length)
})
</script>

<template>
  <article class="to-be">
    <header>
      <h2>{{ says.title }}</h2>
      <NuxtLink class="key quiet link" to="/air">
        {{ form.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ says.lead }}
    </p>
    <FrameSum :title="says.hall" :level="3">
      <div class="columns">
        <FrameNumber v-model="lengthM" :label="says.length" :unit="units.height" :limits="LIMITS.side" />
        <FrameNumber v-model="widthM" :label="says.width" :unit="units.height" :limits="LIMITS.side" />
        <FrameNumber v-model="heightM" :label="form.ceiling" :unit="units.height" :limits="HALL_LIMITS.ceilingM" />
        <FrameNumber
          v-model="supplyM3PerS"
          :label="form.airBlownIn"
          :unit="units.airFlow"
          :limits="HALL_LIMITS.supplyM3PerS"
          :hint="form.fansAndOpeningsTogether"
        />
        <FrameNumber
          v-model="outdoorShare"
          :label="form.ofItOutdoorAir"
          :unit="shareUnit"
          :limits="HALL_LIMITS.outdoorShare"
          :hint="form.theRestIsHallAir"
        />
        <FrameNumber
          v-model="airSpeedMPerS"
          :label="form.airSpeedAtTheBays"
          :unit="units.speed"
          :limits="HALL_LIMITS.airSpeedMPerS"
          :hint="form.usually01To0"
        />
      </div>
      <p class="soft">
        {{ says.takenAs(q.reach(USUAL_AIR.nearFieldRadiusM)) }}
      </p>
    </FrameSum>
    <section class="which" :aria-label="says.howMany">
      <h3>{{ says.howMany }}</h3>
      <p class="soft">
        {{ models.length > 0 ? says.howManyWhy : says.noModel }}
      </p>
      <div class="kinds">
        <FrameNumber
          v-for="{ bay, station } in models"
          :key="bay.bayId"
          :model-value="countOf(bay.bayId)"
          :label="says.like(bay.label, jobLine(station.job!, q))"
          :unit="wholeUnit"
          :limits="LIMITS.count"
          @update:model-value="setCount(bay.bayId, $event)"
        />
      </div>
    </section>
    <!-- In sight wherever one types. -->
    <p class="comes-to" role="status">
      {{ comesTo }}
    </p>
    <section v-if="found" :aria-label="says.answer">
      <ul>
        <li v-for="{ bayId, label, job, fraction, isOpen, because } in found" :key="bayId" class="kind">
          <span class="what">
            <b>{{ label }}</b>
            <span class="chalk">{{ job }}</span>
          </span>
          <svg class="mark" width="30" height="36" viewBox="-18 0 36 44" aria-hidden="true">
            <GateMark :state="isOpen ? 'open' : 'hold'" />
          </svg>
          <span v-if="fraction !== null" class="use">
            <AirTemper :fraction="fraction" :action="facts.rules.actionFraction" />
            <b class="print">{{ q.part(fraction) }} <small>{{ airPages.hall.ofTheLimit }}</small></b>
          </span>
          <span v-if="because" class="because">{{ because }}</span>
        </li>
      </ul>
      <p class="soft">
        {{ says.advises }}
      </p>
    </section>
  </article>
</template>

<style scoped>
.to-be { display: grid; gap: var(--space-6); }
header { display: flex; align-items: center; justify-content: space-between; }
h2 { font-size: var(--type-big); }
.link { display: grid; place-items: center; }
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 17rem), 1fr));
  gap: var(--space-3) var(--space-5);
  align-items: end;
}
.which { display: grid; gap: var(--space-3); }
.comes-to {
  position: sticky;
  /* Past the padding of what it scrolls in. */
  bottom: calc(-1 * var(--space-9));
  border-top: var(--line-rule) solid var(--ink);
  padding: var(--space-4) 0;
  background: var(--panel);
  font-size: var(--type-lead);
  font-weight: 750;
}
ul { list-style: none; padding: 0; margin: 0; }
.kind {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 30px minmax(0, 240px);
  gap: var(--space-2) var(--space-4);
  align-items: center;
  min-height: 60px;
  padding: var(--space-2) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.what { display: grid; }
.use { display: grid; grid-template-columns: minmax(0, 1fr) max-content; gap: var(--space-3); align-items: center; }
.because { grid-column: 1 / -1; font-size: var(--type-small); }
@media (max-width: 700px) {
  .kind { grid-template-columns: minmax(0, 1fr) 30px; }
  .use { grid-column: 1 / -1; }
}
@media (max-width: 900px) { .comes-to { bottom: 0; } }
</style>
