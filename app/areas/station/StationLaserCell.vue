<script setup lang="ts">
import type { BeamConvention } from '#core/ids/protection-ids'
import { BEAM_CONVENTIONS } from '#core/ids/protection-ids'
import type { InTheCell, LaserCheckId } from '#core/ids/laser-ids'
import { IN_THE_CELL, LASER_CHECKS, LASER_FILTERS } from '#core/ids/laser-ids'
import { stationStream } from '#core/ids/streams'
import { cellHazard } from '#core/laser/laser-cell'
import type { LaserBeam, PersonInCell } from '#core/laser/laser-cell'
import { LASER_LIMITS } from '#core/laser/laser-hazard'
import type { Placed } from '~/stores/judged'
import { laserWords } from '~/words/laser-words'
import { stationPages } from '~/words/station'

const says = stationPages.laserCell

/** A laser bay: the beam, the cell as it was looked over, and everybody in it behind eyewear and helmet. Nothing else opens Eyes there. */
const { placed } = defineProps<{ placed: Placed }>()
defineEmits<{ because: [] }>()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const { act, busy, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const gate = computed(() => placed.verdict.byId.eyes)

const last = placed.station.laserCell
/** Lasers that stand here: each is looked over by itself, and no other may stand beside it. */
const lasers = computed(() => judged.viewAt(placed.bay).kit.items.filter(({ kind }) => kind === 'laser-welder').map(({ tag }) => tag))
const laserTag = ref(lasers.value.find(tag => tag === last?.laserTag) ?? (lasers.value.length === 1 ? lasers.value[0]! : ''))
const powerW = ref(last?.beam.powerW)
const wavelengthNm = ref(last?.beam.wavelengthNm)
const divergenceMrad = ref(last?.beam.divergenceMrad)
const beamDiameterMm = ref(last?.beam.beamDiameterMm)
const convention = ref<BeamConvention | ''>(last?.beam.convention ?? '')
const beam = computed<LaserBeam | null>(() => {
  const [power, wavelength, divergence, diameter] = [powerW.value, wavelengthNm.value, divergenceMrad.value, beamDiameterMm.value]
  if (power === undefined || wavelength === undefined || divergence === undefined || diameter === undefined) return null
  if (convention.value === '') return null
  return { powerW: power, wavelengthNm: wavelength, divergenceMrad: divergence, beamDiameterMm: diameter, convention: convention.value }
})
const hazard = computed(() => beam.value && cellHazard(beam.value))

/** What is not so; all else is said to be so when it is recorded. */
const wrong = ref<readonly LaserCheckId[]>(LASER_CHECKS.filter(check => last?.answers[check] === false))
const toggle = (check: LaserCheckId) => {
  wrong.value = wrong.value.includes(check) ? wrong.value.filter(one => one !== check) : [...wrong.value, check]
}

interface Typed { od?: number, fromNm?: number, toNm?: number, damageRating?: number }
interface Row { who: InTheCell, eyewear: Typed, helmet: Typed }
const rowOf = ({ who, eyewear, helmet }: PersonInCell): Row => ({ who, eyewear: { ...eyewear }, helmet: { ...helmet } })
const rows = ref<Row[]>(last && last.present.length > 0 ? last.present.map(rowOf) : [{ who: 'operator', eyewear: {}, helmet: {} }])
const add = () => rows.value.push({ who: 'visitor', eyewear: {}, helmet: {} })
const likeFirst = (row: Row) => {
  row.eyewear = { ...rows.value[0]!.eyewear }
  row.helmet = { ...rows.value[0]!.helmet }
}
/** A filter is worn once its marks are told; half told, it is none. */
function filterOf({ od, fromNm, toNm, damageRating }: Typed) {
  return od === undefined || fromNm === undefined || toNm === undefined
    ? undefined
    : { od, fromNm, toNm, ...damageRating === undefined ? {} : { damageRating } }
}
const present = computed((): readonly PersonInCell[] => rows.value.map(({ who, ...worn }) => {
  const [eyewear, helmet] = LASER_FILTERS.map(what => filterOf(worn[what]))
  return { who, ...eyewear ? { eyewear } : {}, ...helmet ? { helmet } : {} }
}))
async function record() {
  if (beam.value === null || laserTag.value === '') return
  await act('station.check-laser-cell', {
    laserTag: laserTag.value,
    beam: beam.value,
    answers: Object.fromEntries(LASER_CHECKS.map(check => [check, !wrong.value.includes(check)])),
    present: present.value,
  })
}
const NM = { min: 100, max: 20_000 }
const DENSITY = { min: 0, max: 12 }
const RATING = { min: 1, max: 12 }
const whole = { unit: '', step: 1, toShown: (si: number) => si, fromShown: (shown: number) => Math.floor(shown) }
const far = (m: number) => q.value.distance(Math.ceil(m))
</script>

<template>
  <section class="cell" :aria-label="says.laserCell">
    <StationPanelHead :gate="gate" @because="$emit('because')" />
    <p v-for="({ message, todo }, index) in lookup.sayAll(gate.findings)" :key="index" class="said">
      {{ message }} <b>{{ todo }}</b>
    </p>
    <p v-if="lasers.length === 0" class="state-hold">
      {{ says.noLaserHere }}
    </p>
    <FrameSelect v-else v-model="laserTag" :label="says.whichLaser" :ids="lasers" :named="tag => tag" :none="says.chooseALaser" />
    <h4>{{ says.theBeam }}</h4>
    <div class="columns">
      <FrameNumber v-model="powerW" :label="says.power" :unit="plainUnit('W')" :limits="LASER_LIMITS.powerW" />
      <FrameNumber v-model="wavelengthNm" :label="says.wavelength" :unit="plainUnit('nm')" :limits="LASER_LIMITS.wavelengthNm" />
      <FrameNumber v-model="divergenceMrad" :label="says.divergence" :unit="plainUnit('mrad')" :limits="LASER_LIMITS.divergenceMrad" />
      <FrameNumber v-model="beamDiameterMm" :label="says.diameter" :unit="plainUnit('mm')" :limits="LASER_LIMITS.beamDiameterMm" />
      <FrameSelect
        v-model="convention"
        :label="says.measuredTo"
        :ids="BEAM_CONVENTIONS"
        :named="id => id === '1/e' ? '1/e' : '1/e²'"
        :none="says.asTheMakerSays"
      />
    </div>
    <figure v-if="hazard">
      <svg viewBox="0 0 320 150" role="img" :aria-label="says.drawn(far(hazard.eyeHazardDistanceM), far(hazard.diffuseEyeDistanceM ?? 0))">
        <path class="wall" d="M12 8v134M308 8v134M12 142h296" />
        <path class="work" d="M90 120h120" />
        <path class="beam" d="M60 30l80 90" />
        <path class="beam back" d="M140 120L300 40" />
        <circle class="matt" cx="140" cy="120" r="34" />
        <path class="torch" d="M48 18l20 22 8-8-20-22z" />
      </svg>
      <figcaption>
        {{ says.reaches(far(hazard.eyeHazardDistanceM), far(hazard.skinHazardDistanceM), far(hazard.diffuseEyeDistanceM ?? 0)) }}
        <b>{{ says.density(Math.ceil(hazard.requiredOd * 10) / 10) }}</b>
      </figcaption>
    </figure>
    <h4>{{ says.lookedOver }}</h4>
    <p class="soft">
      {{ says.tapWhatIsNotSo }}
    </p>
    <div class="keys">
      <FrameKey v-for="check in LASER_CHECKS" :key="check" :picked="wrong.includes(check)" @click="toggle(check)">
        {{ laserWords.checks[check] }} <small v-if="wrong.includes(check)">{{ says.notSo }}</small>
      </FrameKey>
    </div>
    <h4>{{ says.whoIsInIt }}</h4>
    <fieldset v-for="(row, index) in rows" :key="index">
      <legend class="visually-hidden">
        {{ says.person(index + 1) }}
      </legend>
      <FrameSelect v-model="row.who" :label="says.person(index + 1)" :ids="IN_THE_CELL" :named="id => laserWords.people[id]" />
      <div v-for="what in LASER_FILTERS" :key="what" class="filter" role="group" :aria-label="laserWords.filters[what]">
        <b>{{ laserWords.filters[what] }}</b>
        <FrameNumber v-model="row[what].od" :label="says.od" :unit="plainUnit('')" :limits="DENSITY" optional />
        <FrameNumber v-model="row[what].fromNm" :label="says.from" :unit="plainUnit('nm')" :limits="NM" optional />
        <FrameNumber v-model="row[what].toNm" :label="says.to" :unit="plainUnit('nm')" :limits="NM" optional />
        <FrameNumber v-model="row[what].damageRating" :label="says.rating" :unit="whole" :limits="RATING" optional />
      </div>
      <div class="keys">
        <FrameKey v-if="index > 0" @click="likeFirst(row)">
          {{ says.likeFirst }}
        </FrameKey>
        <FrameKey v-if="rows.length > 1" look="quiet" @click="rows.splice(index, 1)">
          {{ says.wentOut }}
        </FrameKey>
      </div>
    </fieldset>
    <FrameKey @click="add">
      {{ says.somebodyElse }}
    </FrameKey>
    <FrameRefused :says="refused" />
    <FrameKey look="go" :disabled="busy || beam === null || laserTag === ''" @click="record">
      {{ wrong.length === 0 ? says.recordAllSo(rows.length) : says.recordNotSo(wrong.length, rows.length) }}
    </FrameKey>
  </section>
</template>

<style scoped>
.cell { display: grid; gap: var(--space-4); }
h4 { margin-top: var(--space-4); font-weight: 800; }
.columns { display: grid; grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)); gap: var(--space-3); }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.keys .key { white-space: normal; text-align: left; }
.keys small { display: block; }
fieldset {
  border-top: var(--line-thin) solid var(--rule);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
}
.filter { display: grid; grid-template-columns: repeat(4, minmax(0, 1fr)); gap: var(--space-2); }
.filter b { grid-column: 1 / -1; font-weight: 800; }
.filter b::first-letter { text-transform: uppercase; }
svg { width: 100%; max-width: 420px; }
.wall { fill: none; stroke: var(--ink); stroke-width: 5; }
.work { stroke: var(--ink); stroke-width: 8; }
.torch { fill: var(--soft); }
.beam { fill: none; stroke: var(--stop); stroke-width: 3; }
.back { stroke-dasharray: 8 5; }
.matt { fill: none; stroke: var(--hold); stroke-width: 2; stroke-dasharray: 3 4; }
</style>
