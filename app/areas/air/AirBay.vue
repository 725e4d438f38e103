<script setup lang="ts">
import { closes } from '#core/findings/finding'
import { stands } from '#core/time/instant'
import type { Advice } from '#core/air/air-advice'
import { dayQuestion } from '#core/air/air-facts'
import { HOOD_PLACEMENTS } from '#core/air/bay-air'
import { assessAir } from '#core/air/assess-air'
import { helpersOf } from '#core/clearance/air-gate'
import { predictHall } from '#core/air/hall-prediction'
import { tryOut } from '#core/air/what-if'
import { judgeMonitors } from '#core/monitor/judge-monitors'
import { wornMask } from '#core/respirator/worn-mask'
import type { WhatIf } from '#core/air/what-if'
import { jobSpan } from '#core/job/day-work'
import type { MaskId } from '#core/ids/vocabulary'
import { HEADS } from '#core/ids/vocabulary'
import type { Placed } from '~/stores/judged'
import { adviceFor, airKey } from './adviceFor'
import { airPages } from '~/words/air'

const says = airPages.bay
const dayPage = airPages.day

/** One bay's air: the sentence, the way of the fume, what may be tried, where the hood works, every limit, the samples. */
const { placed, isBeside = false } = defineProps<{
  placed: Placed
  /** Shown beside the list because nothing else was opened: there is nothing to close. */
  isBeside?: boolean
}>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const q = useQuantities()
const units = useShopUnits()

const gate = computed(() => placed.verdict.byId.air)
const asked = computed(() => dayQuestion(judged.standing, placed.bay.bayId))
const question = computed(() => asked.value?.hall ?? null)
const own = computed(() => question.value?.bays.find(({ bayId }) => bayId === placed.bay.bayId) ?? null)

const tried = shallowRef<WhatIf>({})
/** A mask tried on: what would be breathed inside it. */
const triedMask = ref<MaskId | null>(null)
const isTrying = computed(() => Object.keys(tried.value).length > 0 || triedMask.value !== null)
const set = (change: WhatIf) => {
  tried.value = { ...tried.value, ...change }
}
const clear = () => {
  tried.value = {}
  triedMask.value = null
}

/** The same judgement as the gate's, on what is tried: nothing is recorded. */
const air = computed(() => {
  if (Object.keys(tried.value).length === 0 || !question.value) return placed.verdict.air
  const hall = tryOut(question.value, placed.bay.bayId, tried.value)
  const { air: surroundings, forPerson } = judged.viewAt(placed.bay)
  const person = forPerson(placed.station.personId)
  return assessAir({
    bay: hall.bays.find(({ bayId }) => bayId === placed.bay.bayId)!,
    prediction: predictHall(hall),
    check: placed.station.extractionCheck,
    surveys: surroundings.surveys,
    shopDay: surroundings.shopDay,
    wearer: wornMask(person.wearer, person.worn, judged.standing.now).wearer,
    elsewhere: surroundings.elsewhere(placed.station.personId),
    helpers: helpersOf(placed.station, surroundings, forPerson, judged.standing.now),
    rules: facts.rules,
    now: judged.standing.now,
  })
})
/** Whose day it is; null where nobody is named: then it is that of the bay. */
const welder = computed(() => {
  const { personId } = placed.station
  return personId === null ? null : lookup.names.get(personId) ?? personId
})
/** What is drawn many times over, off the page. */
const drawn = computed(() => {
  if (placed.station.job === null || !asked.value) return null
  const { standing } = judged
  const key = `${airKey(standing, asked.value)} ${JSON.stringify(tried.value)}`
  return { facts: standing, bayId: placed.bay.bayId, change: tried.value, key }
})
/** Where instruments stand, what they read comes before what is worked out. */
const isWatched = computed(() => judged.viewAt(placed.bay).air.monitors.length > 0)
/** What instruments that stand here say: whatever is tried, it is so. */
const watched = computed(() => {
  const { monitors, extraction } = judged.viewAt(placed.bay).air
  return judgeMonitors({ monitors, extraction, rules: facts.rules, now: judged.standing.now })
})
const fraction = computed(() => air.value.exposure?.fraction ?? null)
const holds = computed(() =>
  [...watched.value, ...air.value.found, ...air.value.missing].filter(closes),
)
const isOpen = computed(() => air.value.exposure !== null && holds.value.length === 0)
const sentence = computed(() => {
  const said
    = holds.value[0]
      ?? air.value.found.find(({ code }) => code === 'respirator.enough')
      ?? air.value.found.find(({ code }) => code === 'exposure.under' || code === 'air.measured')
      ?? air.value.found[0]
  return said ? [lookup.say(said).message, lookup.say(said).todo].filter(Boolean).join(' ') : ''
})
/** Respirators are asked for by what is outside the mask; the flow shows what is inside the one worn, or the least that would do. */
const mask = computed(() => air.value.respirator?.masks.find(one => one.mask === triedMask.value) ?? air.value.worn)
const masks = computed(() => air.value.respirator?.masks ?? [])

const given = computed(() => asked.value && adviceFor(judged.standing, asked.value))
const advice = computed(() => given.value?.advice ?? [])
const plan = computed(() =>
  given.value && (placed.verdict.air.exposure?.fraction ?? 0) > facts.rules.actionFraction ? given.value.plan() : null,
)
const isTried = ({ change }: Advice): boolean => Object.keys(change).length > 0 && JSON.stringify(change) === JSON.stringify(tried.value)

interface Control {
  readonly key: keyof WhatIf
  readonly label: string
  readonly min: number
  readonly max: number
  readonly step: number
  readonly value: number
  readonly said: string
}
/** Controls that a finger can drag; each answers while it moves. */
const controls = computed<readonly Control[]>(() => {
  const job = own.value?.job
  if (!question.value || !job) return []
  const { hall } = question.value
  const { extraction, position } = own.value!
  const list: Control[] = []
  const add = (key: keyof WhatIf, label: string, now: number, min: number, max: number, step: number, say: (value: number) => string) => {
    const value = tried.value[key] as number | undefined ?? now
    list.push({ key, label, min, max, step, value, said: say(value) })
  }
  if (extraction && position) add('distanceM', says.hoodToArc, position.distanceM, 0.05, 0.8, 0.01, q.value.reach)
  if (extraction)
    add('flowM3PerS', says.hoodDraws, extraction.flowM3PerS, 0, Math.max(0.6, extraction.flowM3PerS * 2), 0.005, q.value.airFlow)
  add('arcMinPerH', says.arcInAnHour, job.arcMinPerH ?? 20, 1, 60, 1, q.value.minutes)
  if (job.coating && job.coating !== 'none')
    add('strippedWidthMm', says.strippedEachSide, job.coatingStripped ? (job.strippedWidthMm ?? 0) : 0, 0, 60, 1, q.value.length)
  add('airSpeedMPerS', says.draught, hall.airSpeedMPerS, 0.05, 1.5, 0.01, q.value.speed)
  if (!hall.isOpenAir) add('supplyM3PerS', says.airBlownIn, hall.supplyM3PerS, 0, Math.max(4, hall.supplyM3PerS * 3), 0.05, q.value.airFlow)
  if (question.value.bays.length > 1) add('othersShare', says.otherArcs, 1, 0, 1, 0.05, share => `${Math.round(share * 100)} %`)
  return list
})
/** Every job that was set here for today, the one that stands last. */
const counted = computed(() =>
  [
    ...placed.station.earlierJobs.filter(({ validUntil }) => stands(validUntil, judged.standing.now)).map(({ job }) => job),
    ...(placed.station.job ? [placed.station.job] : []),
  ]
    .filter(job => jobSpan(job, facts.rules.shopDayHour))
    .map(job => says.toOfArcAnHour(job.startsAt ?? '', job.endsAt ?? '', jobLine(job, q.value), q.value.minutes(job.arcMinPerH ?? 0))),
)
const mayTake = computed(() => session.may('set-jobs', { bayId: placed.bay.bayId, areaId: placed.bay.areaId }))
const canPlace = computed(() => own.value?.extraction?.kind === 'arm' || own.value?.extraction?.kind === 'opening')
const placement = computed(() => tried.value.placement ?? own.value?.position?.placement ?? 'beside')
</script>

<template>
  <div class="bay">
    <header class="head">
      <h2>
        <svg
          width="30"
          height="36"
          viewBox="-18 0 36 44"
          aria-hidden="true"
        ><GateMark :state="isTrying ? isOpen ? 'open' : 'hold' : gate.state" /></svg>
        {{ says.airOfBay(placed.bay.label) }} <small class="chalk">{{ placed.station.job ? jobLine(placed.station.job, q) : says.noJob }}</small>
      </h2>
      <NuxtLink v-if="!isBeside" class="key quiet link" to="/air">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="sentence" role="status">
      <b v-if="isTrying" class="pencil">{{ says.triedNotSet }}</b>
      <b v-if="fraction !== null" class="number print" :class="isOpen ? 'state-open' : 'state-hold'">{{ q.part(fraction) }}</b>
      <span>{{ sentence }}</span>
    </p>
    <div class="actions">
      <FrameKey v-if="isTrying" @click="clear">
        {{ says.asItIs }}
      </FrameKey>
      <NuxtLink v-if="mayTake" class="key link" :to="{ path: `/bay/${placed.bay.bayId}`, query: { do: 'air' } }">
        {{ says.setHoodLookAtExtraction }}
      </NuxtLink>
      <NuxtLink class="key link" :to="{ path: `/bay/${placed.bay.bayId}` }">
        {{ says.theBay }}
      </NuxtLink>
    </div>

    <LazyAirMonitors v-if="isWatched" :placed="placed" />

    <AirWay :air="air" :action-fraction="facts.rules.actionFraction" :mask="mask" :worn-share="facts.rules.maskWornShare" />

    <LazyAirSure :question="drawn" :action-fraction="facts.rules.actionFraction" />

    <section v-if="controls.length > 0" class="part" :aria-label="says.tryIt">
      <h3>{{ says.tryIt }}</h3>
      <FrameChoice
        v-if="canPlace && own?.position"
        is-heard
        :label="says.whereTheHoodIs"
        :ids="HOOD_PLACEMENTS"
        :named="one => says.hood(words.placements[one])"
        :model-value="placement"
        @update:model-value="$event !== '' && set({ placement: $event })"
      />
      <FrameChoice
        v-if="own?.job"
        :label="says.whereTheHeadIs"
        :ids="HEADS"
        :named="one => words.heads[one]"
        :model-value="tried.head ?? own.job.head ?? 'not-watched'"
        @update:model-value="$event !== '' && set({ head: $event })"
      />
      <div class="controls">
        <FrameSlide
          v-for="{ key, ...control } in controls"
          :key="key"
          v-bind="control"
          :is-tried="tried[key] !== undefined"
          @drawn="set({ [key]: $event })"
        />
      </div>
    </section>

    <section v-if="advice.length > 0" class="part" :aria-label="says.whatWouldHelp">
      <h3>{{ says.whatWouldHelpInThe }}</h3>
      <ul class="advice">
        <li v-for="one in advice" :key="one.kind">
          <span><b>{{ words.adviceKinds[one.kind] }}</b><small>{{ adviceWords(one, q) }}</small></span>
          <AirTemper :fraction="one.fractionAfter ?? 0" :action="facts.rules.actionFraction" />
          <span
            class="after print"
            :class="one.isEnough ? 'state-open' : ''"
          >{{ q.part(one.fractionAfter ?? 0) }}<small>{{ one.isEnough ? says.enough : says.notAlone }}</small></span>
          <FrameKey
            v-if="one.kind === 'respirator'"
            :picked="triedMask === one.masks![0]"
            @click="triedMask = triedMask ? null : one.masks![0]!"
          >
            {{ says.try }}
          </FrameKey>
          <FrameKey
            v-else
            :picked="isTried(one)"
            @click="tried = isTried(one) ? {} : { ...one.change }"
          >
            {{ says.try }}
          </FrameKey>
        </li>
      </ul>
      <p v-if="plan && plan.kinds.length > 1" class="together">
        {{ says.together }} <b>{{ changeWords(plan.change, q) }}</b>{{ says.then(
          q.part(plan.fractionAfter),
          plan.isEnough ? says.enough2 : says.stillOver,
        ) }}
        <FrameKey @click="tried = { ...plan.change }">
          {{ says.tryAll }}
        </FrameKey>
      </p>
    </section>

    <LazyAirWindow
      v-if="air.prediction && own?.job"
      :prediction="air.prediction"
      :process="(tried.process ?? own.job.process)"
      :draught-m-per-s="tried.airSpeedMPerS ?? question!.hall.airSpeedMPerS"
    />

    <AirLimits v-if="air.exposure" :exposure="air.exposure" />

    <section v-if="masks.length > 0 && air.respirator!.neededApf > 1" class="part" :aria-label="says.respirators">
      <h3>{{ says.ifNothingElseCanBe(q.factor(air.respirator!.neededApf)) }}</h3>
      <ul class="masks">
        <li v-for="{ mask: one, apf: worth, suits, isTight, offTooLong } in masks" :key="one" :class="{ suits }">
          <b>{{ words.masks[one] }}</b>
          <span>{{ worth === null ? one === 'dust-mask' ? says.notARespirator : says.noFactorAssignedHere : says.protectsTimes(
            q.factor(worth),
          ) }}</span>
          <span v-if="suits">{{ isTight ? says.enoughWithFitTestClearance : says.enoughWithClearance }}</span>
          <span v-else>{{ offTooLong ? says.offForTooLong(q.part(offTooLong.fraction)) : says.notEnough }}</span>
        </li>
      </ul>
      <p class="soft">
        {{ air.respirator!.isDanger ? says.inDangerItStaysOn : facts.rules.maskWornShare < 1
          ? says.aMaskIsOnFor(q.percent(facts.rules.maskWornShare), q.factor(1 / (1 - facts.rules.maskWornShare)))
          : says.aMaskIsOnAllTheTime }}
      </p>
      <p v-if="air.respirator!.gases.length > 0" class="said">
        {{ says.noDustFilterStops(air.respirator!.gases.map(gas => words.substances[gas]).join(', ')) }}
      </p>
    </section>

    <section v-if="air.day && air.exposure" class="part" :aria-label="dayPage.theDay">
      <h3>{{ welder ? dayPage.theDayOf(welder, q.hours(air.day.hours)) : dayPage.theDayHere(q.hours(air.day.hours)) }}</h3>
      <AirDay :day="air.day" :exposure="air.exposure" :worn="mask" />
    </section>

    <LazyAirMonitors v-if="!isWatched" :placed="placed" />

    <LazyAirSamples :placed="placed" />

    <LazyAirCalibration :placed="placed" />

    <section class="part" :aria-label="says.saidBesides">
      <h3>{{ says.whatItRestsOn }}</h3>
      <p v-if="counted.length > 0">
        {{ says.setHereToday }} <span class="chalk">{{ counted.join('; ') }}</span>.
      </p>
      <ul class="notes">
        <li v-for="(said, index) in air.found.filter(({ severity }) => severity !== 'hold')" :key="index">
          {{ lookup.say(said).message }}
        </li>
      </ul>
      <p class="soft">
        {{ says.aModelWhereNobodyMeasured }}
      </p>
    </section>
    <p class="visually-hidden">
      {{ says.distancesInAirIn(units.reach.unit, units.airFlow.unit) }}
    </p>
  </div>
</template>

<style scoped>
.bay {
  display: grid;
  gap: var(--space-6);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-4);
  margin: calc(-1 * var(--space-4)) 0 calc(-1 * var(--space-4));
}
h2 {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  font-size: var(--type-big);
  flex-wrap: wrap;
}
h2 small {
  font-size: var(--type-lead);
}
.link {
  display: grid;
  place-items: center;
}
.sentence {
  display: flex;
  align-items: baseline;
  gap: var(--space-6);
  flex-wrap: wrap;
  font-size: var(--type-lead);
}
.sentence > span {
  flex: 1 1 300px;
}
.number {
  font-size: var(--type-great);
  font-weight: 900;
  line-height: 1;
  letter-spacing: -0.02em;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
}
.part {
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-4);
}
.controls {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: var(--space-1) var(--space-8);
}
.advice li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px 92px 74px;
  gap: var(--space-6);
  align-items: center;
  min-height: 64px;
  border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-2) 0;
}
.advice small {
  display: block;
  color: var(--soft);
  font-size: var(--type-small);
}
.after {
  font-weight: 800;
  text-align: right;
}
.after small {
  font-weight: 500;
  font-size: var(--type-fine);
}
.together {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: center;
}
.masks li {
  display: grid;
  grid-template-columns: minmax(0, 190px) minmax(0, 190px) minmax(0, 1fr);
  gap: var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
  color: var(--soft);
}
.masks .suits {
  color: var(--ink);
}
.masks li:not(.suits) b {
  font-weight: 500;
  text-decoration: line-through;
}
.notes {
  display: grid;
  gap: var(--space-3);
  font-size: var(--type-small);
}
.notes li {
  border-left: var(--line-heavy) solid var(--rule);
  padding-left: var(--space-5);
}
@media (max-width: 700px) {
  .advice li {
    grid-template-columns: minmax(0, 1fr) 74px;
  }
  .advice .temper {
    grid-column: 1;
  }
  .advice .after {
    grid-column: 2;
    grid-row: 2;
  }
  .masks li {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
