<script setup lang="ts">
import { cellKit } from '#core/clearance/eyes-gate'
import type { InTheCell, LaserCheckId, LaserFilterId } from '#core/ids/laser-ids'
import { IN_THE_CELL, LASER_CHECKS, LASER_FILTERS } from '#core/ids/laser-ids'
import { stationStream } from '#core/ids/streams'
import { tagIdOf } from '#core/ids/tag'
import { hallIdOf } from '#core/air/air-facts'
import type { LaserBeam, LaserFilter } from '#core/laser/beam'
import type { LaserAim } from '#core/laser/beam-course'
import { cellHazard, FILTER_KINDS, filterFault } from '#core/laser/laser-cell'
import type { PersonInCell, WornFilter } from '#core/laser/laser-cell'
import { capital } from '#shared/words/capital'
import type { Placed } from '~/stores/judged'
import { laserPages } from '~/words/laser'
import { laserWords } from '~/words/laser-words'
import { stationPages } from '~/words/station'

const says = stationPages.laserCell

/** A laser bay: the beam, the cell as it was looked over, and everybody in it behind eyewear and helmet. Nothing else opens Eyes there. */
const { placed } = defineProps<{ placed: Placed }>()
defineEmits<{ because: [] }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const { act, busy, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const gate = computed(() => placed.verdict.byId.eyes)

const last = placed.station.laserCell
/** What of the register stands here: lasers, each looked over by itself and none beside another, and what is worn against them. */
const here = computed(() => {
  const { kit, forPerson } = judged.viewAt(placed.bay)
  return cellKit(kit.items, forPerson(placed.station.personId).worn)
})
const lasers = computed(() => here.value.lasers.map(({ tag }) => tag))
const laserTag = ref(lasers.value.find(tag => tag === last?.laserTag) ?? (lasers.value.length === 1 ? lasers.value[0]! : ''))
const laser = computed(() => here.value.lasers.find(({ tag }) => tag === laserTag.value))
const typedBeam = ref<LaserBeam | undefined>(last?.beam)
/** What the register says of this laser counts; typed at the bay, a beam may be of another lens. */
const beam = computed(() => laser.value?.marks.laserBeam ?? typedBeam.value ?? null)
const hazard = computed(() => beam.value && cellHazard(beam.value))
/** Where the hall is drawn, which way it points is told on its plan. */
const ground = computed(() => judged.viewAt(placed.bay).air.laserGround?.() ?? null)
const hallId = computed(() => hallIdOf(facts.site, placed.bay.bayId))
const aim = ref<LaserAim | undefined>(last?.aim)

/** What is not so; all else is said to be so when it is recorded. */
const wrong = ref<readonly LaserCheckId[]>(LASER_CHECKS.filter(check => last?.answers[check] === false))
const toggle = (check: LaserCheckId) => {
  wrong.value = wrong.value.includes(check) ? wrong.value.filter(one => one !== check) : [...wrong.value, check]
}

interface Row { who: InTheCell, eyewear?: WornFilter | undefined, helmet?: WornFilter | undefined }
const rows = ref<Row[]>(last && last.present.length > 0 ? last.present.map(person => ({ ...person })) : [{ who: 'operator' }])
const add = () => rows.value.push({ who: 'visitor' })
const tagOf = (worn: WornFilter | undefined): string => (worn && 'tag' in worn ? worn.tag : '')
const marksOf = (worn: WornFilter | undefined): LaserFilter | undefined => (worn && !('tag' in worn) ? worn : undefined)
const isReadOff = (row: Row): boolean => LASER_FILTERS.some(what => marksOf(row[what]))
/** Only what was read on it: what has a tag is on one head. */
const likeFirst = (row: Row) => {
  for (const what of LASER_FILTERS) row[what] = marksOf(rows.value[0]![what]) ?? row[what]
}
const wears = (row: Row, what: LaserFilterId, tag: string) => {
  row[what] = tag === '' ? undefined : { tag }
}
/** What is here to be worn as this, the ones that answer for the beam first. A helmet with no marks against lasers is for an arc. */
const rack = (what: LaserFilterId): readonly string[] => here.value.filters
  .filter(({ kind, marks }) => kind === FILTER_KINDS[what] && (what === 'eyewear' || marks.laserFilter))
  .sort((one, other) => Number(faultOf(one.tag) !== null) - Number(faultOf(other.tag) !== null))
  .map(({ tag }) => tag)
/** What may be chosen for somebody; what they were told to wear stays in sight where it was taken away since. */
const choices = (row: Row, what: LaserFilterId): readonly string[] => [...new Set([...rack(what), tagOf(row[what])])].filter(Boolean)
const itemOf = (tag: string) => here.value.filters.find(one => one.tag === tag)
const marksOfTag = (tag: string) => itemOf(tag)?.marks.laserFilter
const faultOf = (tag: string): string | null => {
  if (!itemOf(tag)) return laserPages.filter.away
  const marks = marksOfTag(tag)
  if (!marks) return laserPages.filter.notMarked
  const fault = beam.value && filterFault(beam.value, marks)
  return fault && laserWords.faults[fault]
}
/** In a list, what is wrong with it comes before what is marked on it: the end of a line is cut where it is narrow. */
const shownFilter = (tag: string): string =>
  [tag, faultOf(tag) ?? (beam.value ? laserPages.filter.answers : shownMarks(tag))].join(' · ')
function shownMarks(tag: string): string {
  const marks = marksOfTag(tag)
  if (!marks) return ''
  const { marked, rated } = laserPages.filter
  return [marked(marks.od, marks.fromNm, marks.toNm), ...marks.damageRating ? [rated(marks.damageRating)] : []].join(' · ')
}
const present = computed((): readonly PersonInCell[] => rows.value.map(({ who, eyewear, helmet }) =>
  ({ who, ...eyewear ? { eyewear } : {}, ...helmet ? { helmet } : {} })))
async function record() {
  if (beam.value === null || laserTag.value === '') return
  await act('station.check-laser-cell', {
    laserTag: laserTag.value,
    beam: beam.value,
    ...ground.value && aim.value ? { aim: aim.value } : {},
    answers: Object.fromEntries(LASER_CHECKS.map(check => [check, !wrong.value.includes(check)])),
    present: present.value,
  })
}
/** Told once, it is asked no more, and no other opens this cell. */
const session = useSession()
const keeper = useSenderTo(() => `item/${tagIdOf(laserTag.value)}`)
const mayKeep = computed(() => session.may('keep-store') && laser.value && !laser.value.marks.laserBeam && typedBeam.value)
async function keepBeam() {
  const [item, laserBeam] = [laser.value, typedBeam.value]
  if (item && laserBeam) await keeper.act('item.correct', { name: item.name, marks: { ...item.marks, laserBeam } })
}
const shownBeam = computed(() => {
  const kept = laser.value?.marks.laserBeam
  if (!kept) return null
  const { powerW, wavelengthNm, divergenceMrad, beamDiameterMm, convention } = kept
  return laserPages.beam.whole(powerW, wavelengthNm, divergenceMrad, beamDiameterMm, shownConvention(convention))
})
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
    <p v-if="shownBeam">
      {{ says.keptBeam(shownBeam) }}
      <NuxtLink class="correct" :to="`/kit/${tagIdOf(laserTag)}`">
        {{ says.correctIt }}
      </NuxtLink>
    </p>
    <LaserBeamFields v-else v-model="typedBeam" />
    <FrameKey v-if="mayKeep" look="quiet" :disabled="keeper.busy.value" @click="keepBeam">
      {{ says.keepBeam(laserTag) }}
    </FrameKey>
    <FrameRefused :says="keeper.refused.value" />
    <figure v-if="hazard">
      <svg
        v-if="!ground"
        viewBox="0 0 320 150"
        role="img"
        :aria-label="says.drawn(far(hazard.eyeHazardDistanceM), far(hazard.diffuseEyeDistanceM ?? 0))"
      >
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
    <LaserCourse v-if="hazard && ground" v-model="aim" :ground="ground" :hazard="hazard" />
    <NuxtLink v-if="hallId !== null" class="correct" :to="`/hall/${hallId}`">
      {{ ground ? laserPages.course.toPlan : laserPages.course.drawIt }}
    </NuxtLink>
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
        <FrameSelect
          v-if="choices(row, what).length > 0"
          :model-value="tagOf(row[what])"
          :label="capital(laserWords.filters[what])"
          :hint="shownMarks(tagOf(row[what]))"
          :ids="choices(row, what)"
          :named="shownFilter"
          :none="says.asReadOnIt"
          @update:model-value="tag => wears(row, what, tag)"
        />
        <b v-else>{{ capital(laserWords.filters[what]) }}</b>
        <LaserFilterFields
          v-if="tagOf(row[what]) === ''"
          :model-value="marksOf(row[what])"
          @update:model-value="marks => (row[what] = marks)"
        />
      </div>
      <div class="keys">
        <FrameKey v-if="index > 0 && isReadOff(rows[0]!)" @click="likeFirst(row)">
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
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.keys .key { white-space: normal; text-align: left; }
.keys small { display: block; }
fieldset {
  border-top: var(--line-thin) solid var(--rule);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
}
.correct { display: inline-flex; align-items: center; min-height: 56px; font-weight: 750; text-decoration: underline; }
.filter { display: grid; gap: var(--space-2); }
.filter b { font-weight: 800; }
svg { width: 100%; max-width: 420px; }
.wall { fill: none; stroke: var(--ink); stroke-width: 5; }
.work { stroke: var(--ink); stroke-width: 8; }
.torch { fill: var(--soft); }
.beam { fill: none; stroke: var(--stop); stroke-width: 3; }
.back { stroke-dasharray: 8 5; }
.matt { fill: none; stroke: var(--hold); stroke-width: 2; stroke-dasharray: 3 4; }
</style>
