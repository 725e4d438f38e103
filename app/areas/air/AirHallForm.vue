<script setup lang="ts">
import { hallIdOf } from '#core/air/air-facts'
import type { Extraction, FittedBay } from '#core/streams/hall/hall'
import type { Hall } from '#core/streams/site/site'
import type { HallAir } from '#core/ventilation/hall'
import { HALL_LIMITS, OPEN_AIR_ROOM, USUAL_AIR } from '#core/ventilation/hall'
import { versionAfter } from '~/stores/outbox'
import { hallStream } from '#core/ids/streams'
import { airPages } from '~/words/air'

const says = airPages.hallForm

/** What the safety lead measures of a hall: its air, and the extraction of each of its bays. */
const { hall } = defineProps<{ hall: Hall }>()
const facts = useFacts()
const judged = useJudged()
const { send, refused } = useSender()
const units = useShopUnits()
const q = useQuantities()

const state = computed(() => facts.reading?.air.halls[hall.hallId] ?? null)
type Draft = { -readonly [Key in keyof HallAir]: HallAir[Key] | undefined }
const draft = ref<Draft>(
  state.value?.air
    ? { ...state.value.air }
    : {
        isOpenAir: false,
        // What was measured when it was set out goes before.
        volumeM3: hall.size && hall.size.lengthM * hall.size.widthM * hall.size.heightM,
        ceilingM: hall.size?.heightM,
        supplyM3PerS: undefined,
        outdoorShare: 1,
        ...USUAL_AIR,
        airSpeedMPerS: undefined,
      },
)
const openedOn = ref(facts.reading?.air.versions.halls[hall.hallId] ?? 0)
const saved = ref('')
const air = computed<HallAir | null>(() => {
  const whole = draft.value.isOpenAir ? { ...draft.value, ...OPEN_AIR_ROOM } : draft.value
  return Object.values(whole).some(value => value === undefined) ? null : whole as HallAir
})
const mgPerM3 = { unit: 'mg/m³', step: 0.01, toShown: (si: number) => si, fromShown: (shown: number) => shown }

const version = () => facts.reading?.air.versions.halls[hall.hallId] ?? 0
async function save() {
  if (!air.value) return
  saved.value = ''
  const sent = await send('hall.describe', { id: hallStream(hall.hallId), expectedVersion: openedOn.value }, { air: air.value })
  if (sent.ok) {
    openedOn.value = versionAfter(sent.body, hallStream(hall.hallId), openedOn.value)
    await facts.refresh()
    saved.value = says.savedEveryBayOfThis
  }
}

const bays = computed(() => judged.placed.filter(({ bay }) => hallIdOf(facts.site, bay.bayId) === hall.hallId))
const editing = ref<string | null>(null)
const fittedOf = (bayId: string): FittedBay | undefined => state.value?.bays[bayId]
const extractionWords = (extraction: Extraction | null | undefined): string =>
  extraction === undefined
    ? says.notSaidYet
    : extraction === null
      ? says.none
      : `${words.extractionKinds[extraction.kind]}, ${q.value.airFlow(extraction.flowM3PerS)} (${words.flowMethods[extraction.flowFrom]}), ${extraction.returnsAir ? says.airReturned : says.ductedOut}`
async function fit(bayId: string, fitted: FittedBay) {
  const asOf = version()
  const sent = await send('hall.fit-bay', { id: hallStream(hall.hallId), expectedVersion: asOf }, { bayId, fitted })
  if (!sent.ok) return
  // What somebody else changed since the hall was opened here is not passed over.
  if (asOf === openedOn.value) openedOn.value = versionAfter(sent.body, hallStream(hall.hallId), asOf)
  await facts.refresh()
  editing.value = null
}
</script>

<template>
  <section class="form-page" :aria-label="hall.name">
    <header class="head">
      <h2>{{ hall.name }}</h2>
      <NuxtLink class="key quiet link" to="/air">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ says.measuredOrReadFromThe }}
    </p>
    <FrameRefused :says="refused" />
    <FrameForm @send="save">
      <div class="keys">
        <FrameKey
          :picked="!draft.isOpenAir"
          @click="draft.isOpenAir = false"
        >
          {{ says.aHall }}
        </FrameKey>
        <FrameKey
          :picked="draft.isOpenAir"
          @click="draft.isOpenAir = true"
        >
          {{ says.openAir }}
        </FrameKey>
      </div>
      <div class="columns">
        <template v-if="!draft.isOpenAir">
          <FrameNumber v-model="draft.volumeM3" :label="says.volume" :unit="units.volume" :limits="HALL_LIMITS.volumeM3" />
          <FrameNumber v-model="draft.ceilingM" :label="says.ceiling" :unit="units.height" :limits="HALL_LIMITS.ceilingM" />
          <FrameNumber
            v-model="draft.supplyM3PerS"
            :label="says.airBlownIn"
            :unit="units.airFlow"
            :limits="HALL_LIMITS.supplyM3PerS"
            :hint="says.fansAndOpeningsTogether"
          />
          <FrameNumber
            v-model="draft.outdoorShare"
            :label="says.ofItOutdoorAir"
            :unit="shareUnit"
            :limits="HALL_LIMITS.outdoorShare"
            :hint="says.theRestIsHallAir"
          />
          <FrameNumber
            v-model="draft.filterEfficiency"
            :label="says.theHallFilterKeeps"
            :unit="shareUnit"
            :limits="HALL_LIMITS.filterEfficiency"
            :hint="says.ofFumeNoFilterKeeps"
          />
          <FrameNumber
            v-model="draft.backgroundMgPerM3"
            :label="says.fumeInTheAirThat"
            :unit="mgPerM3"
            :limits="HALL_LIMITS.backgroundMgPerM3"
          />
        </template>
        <FrameNumber
          v-model="draft.airSpeedMPerS"
          :label="says.airSpeedAtTheBays"
          :unit="units.speed"
          :limits="HALL_LIMITS.airSpeedMPerS"
          :hint="says.usually01To0"
        />
        <FrameNumber
          v-model="draft.nearFieldRadiusM"
          :label="says.reachOfTheNearField"
          :unit="units.reach"
          :limits="HALL_LIMITS.nearFieldRadiusM"
          :hint="says.arcAndHelmetInsideIt"
        />
      </div>
      <FrameKey look="go" type="submit">
        {{ says.saveTheHall }}
      </FrameKey>
      <p role="status">
        {{ saved }}
      </p>
    </FrameForm>
    <h3>{{ says.extractionOfItsBays }}</h3>
    <ul class="bays">
      <li v-for="{ bay } in bays" :key="bay.bayId">
        <b class="no">{{ bay.label }}</b>
        <span :class="fittedOf(bay.bayId) ? 'chalk' : 'soft'">{{ extractionWords(fittedOf(bay.bayId)?.extraction) }}</span>
        <FrameKey @click="editing = editing === bay.bayId ? null : bay.bayId">
          {{ editing === bay.bayId ? says.leaveIt : fittedOf(bay.bayId) ? says.change : says.say }}
        </FrameKey>
        <AirExtractionForm v-if="editing === bay.bayId" class="wide" :fitted="fittedOf(bay.bayId)" @fit="fit(bay.bayId, $event)" />
      </li>
    </ul>
    <p v-if="bays.length === 0" class="soft">
      {{ says.noBayStandsInThis }}
    </p>
    <AirDucts v-if="state?.air && bays.length > 0" :hall="hall" :ducts="state.ducts ?? null" :bays="bays" />
  </section>
</template>

<style scoped>
.form-page,
form {
  display: grid;
  gap: var(--space-5);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.link {
  display: grid;
  place-items: center;
}
h3 {
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
.bays li {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) auto;
  gap: var(--space-5);
  align-items: center;
  border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-2) 0;
}
.no {
  font-size: var(--type-big);
  font-weight: 950;
  text-align: center;
}
.wide {
  grid-column: 1 / -1;
}
</style>
