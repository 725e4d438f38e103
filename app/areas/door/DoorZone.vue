<script setup lang="ts">
import { GARMENT_CONDITIONS, MATERIALS } from '#core/ids/garment-ids'
import type { GarmentConditionId, GarmentFactId, MaterialId } from '#core/ids/garment-ids'
import type { WearableId } from '#core/ids/wearable-ids'
import { doesFail, factsAskedAt } from '#core/ppe/judge-garments'
import type { ZoneVerdict } from '#core/ppe/judge-garments'
import { labelOf, likelyAt, wear } from '#core/ppe/wearables'
import { NOISE_LIMITS } from '#core/hearing/noise-dose'
import type { ToldGarment } from '#core/ppe/wearables'
import type { Sizes } from '#core/shade/care'
import { fitting, leftOf } from '#core/streams/wardrobe/wardrobe'
import type { StockLine } from '#core/streams/wardrobe/wardrobe'
import type { ZoneId } from '#core/ids/vocabulary'
import type { PersonOnFloor } from '#shared/contract/readings'
import { small } from '#shared/words/capital'
import { requirementLine } from '#shared/words/requirement-line'
import { doorPages } from '~/words/door'
import { garmentWords } from '~/words/garment-words'
import type { DressedFor } from '~/areas/door/useDoor'

const says = doorPages.zone

/** What somebody has on at a zone: the likely first, what is wrong with it, what it is made of, and what the shop can lend instead. */
const { zone, person, works, found, lines, sizes } = defineProps<{
  zone: ZoneId
  person: PersonOnFloor
  works: readonly DressedFor[]
  /** What it comes to for the work; null where there is none. */
  found: ZoneVerdict | null
  /** Null until it was read. */
  lines: readonly StockLine[] | null
  /** As far as they are known. */
  sizes: Sizes
}>()
const emit = defineEmits<{ lend: [line: StockLine] }>()
const worn = defineModel<readonly ToldGarment[]>({ required: true })
const { people, house, judge } = useDoor()
const lookup = useLookup()

const FIRST = 5
const isAllShown = ref(false)
watch(() => zone, () => {
  isAllShown.value = false
})
const offered = computed(() => likelyAt(
  zone,
  person.outfit,
  people.value.filter(({ group, personId }) => personId !== person.personId && group === person.group).map(({ outfit }) => outfit),
))
const here = computed(() => worn.value.filter(one => one.zone === zone))
const isPicked = (wearable: WearableId) => here.value.some(({ like }) => like === wearable)
const shown = computed(() => offered.value.filter((id, index) => isAllShown.value || index < FIRST || isPicked(id)))
const put = (wearable: WearableId) => {
  worn.value = wear(worn.value, wearable)
}
const takeOff = () => {
  worn.value = worn.value.filter(one => one.zone !== zone)
}

const change = (garment: ToldGarment, changed: Partial<ToldGarment>) => {
  worn.value = worn.value.map(one => (one === garment ? { ...one, ...changed } : one))
}
const toggle = (garment: ToldGarment, condition: GarmentConditionId) => {
  const had = garment.condition ?? []
  change(garment, { condition: had.includes(condition) ? had.filter(one => one !== condition) : [...had, condition] })
}
const answer = (garment: ToldGarment, fact: GarmentFactId, is: boolean) => change(garment, { facts: { ...garment.facts, [fact]: is } })
const asked = (garment: ToldGarment) => [...new Set(works.flatMap(({ job }) => factsAskedAt(job, garment, house.value)))]
const percentOf = (garment: ToldGarment, material: MaterialId) => garment.materials?.[material]
function setPercent(garment: ToldGarment, material: MaterialId, percent: number | undefined) {
  const { [material]: _was, ...others } = garment.materials ?? {}
  change(garment, { materials: percent === undefined || percent === 0 ? others : { ...others, [material]: percent } })
}
const PERCENT = { min: 0, max: 100 }

const isProtector = ({ item }: ToldGarment) => item === 'ear-plugs' || item === 'ear-muffs'
function setLabel(garment: ToldGarment, nrrDb: number | undefined) {
  const { nrrDb: _was, ...rest } = garment
  worn.value = worn.value.map(one => (one === garment ? { ...rest, ...nrrDb === undefined ? {} : { nrrDb } } : one))
}

/** What of the shop's clothes would do here, and is there: in their size first. */
const lent = computed(() => people.value.flatMap(({ loans }) => loans))
const isThere = (line: StockLine) => leftOf(line, lent.value) > 0
const passes = (line: StockLine) =>
  judge(wear(worn.value, line.wearable, labelOf(line)), works)?.zones.some(one => one.zone === zone && !doesFail(one))
const toLend = computed(() => fitting((lines ?? []).filter(line => isThere(line) && passes(line)), sizes))
const nameOf = ({ wearable, size, nrrDb }: StockLine) =>
  [garmentWords.wearables[wearable], size, nrrDb === undefined ? '' : says.label(nrrDb)].filter(Boolean).join(', ')
const findings = computed(() => lookup.sayAll((found?.findings ?? []).filter(({ code }) => code !== 'garment.air-decides')))
const isCloth = ({ materials }: ToldGarment) => materials !== undefined
</script>

<template>
  <section class="zone" :aria-label="words.zones[zone]">
    <h2>{{ words.zones[zone] }}</h2>
    <p v-if="found">
      {{ says.needed(small(requirementLine(words, found))) }}
    </p>
    <div class="keys" role="group" :aria-label="says.whatIsWorn">
      <FrameKey v-for="id in shown" :key="id" :picked="isPicked(id)" @click="put(id)">
        {{ garmentWords.wearables[id] }}
      </FrameKey>
      <FrameKey v-if="shown.length < offered.length" look="quiet" @click="isAllShown = true">
        {{ says.more(offered.length - shown.length) }}
      </FrameKey>
      <FrameKey v-if="here.length > 0" look="quiet" @click="takeOff">
        {{ says.takeOff }}
      </FrameKey>
    </div>
    <div v-if="here.length > 0" class="found" role="status">
      <p v-for="{ message, todo } in findings" :key="message">
        {{ message }} <b v-if="todo">{{ todo }}</b>
      </p>
    </div>
    <FrameNumber
      v-for="garment in here.filter(isProtector)"
      :key="garment.item"
      class="label"
      :model-value="garment.nrrDb"
      :label="says.labelOf(garmentWords.garments[garment.item])"
      :unit="plainUnit('dB')"
      :limits="NOISE_LIMITS.nrrDb"
      optional
      @update:model-value="setLabel(garment, $event)"
    />
    <div v-if="found && doesFail(found)" class="keys">
      <FrameKey v-for="{ line, fit } in toLend" :key="line.lineId" :look="fit === 'another' ? 'plain' : 'go'" @click="emit('lend', line)">
        {{ says.lend(nameOf(line)) }} <small>{{ says.fits[fit](leftOf(line, lent)) }}</small>
      </FrameKey>
      <p v-if="lines && toLend.length === 0" class="soft">
        {{ says.noneToLend }}
      </p>
    </div>
    <div v-for="(garment, index) in here" :key="index" class="garment">
      <div class="keys" role="group" :aria-label="says.whatIsWrong(garmentWords.garments[garment.item])">
        <FrameKey
          v-for="condition in GARMENT_CONDITIONS"
          :key="condition"
          :picked="garment.condition?.includes(condition) ?? false"
          @click="toggle(garment, condition)"
        >
          {{ garmentWords.conditions[condition][0] }}
        </FrameKey>
      </div>
      <div v-for="fact in asked(garment)" :key="fact" class="fact" role="group" :aria-label="says.isItSo(garmentWords.facts[fact][0])">
        <span>{{ garmentWords.facts[fact][0] }}</span>
        <FrameKey :picked="garment.facts?.[fact] === true" @click="answer(garment, fact, true)">
          {{ says.yes }}
        </FrameKey>
        <FrameKey :picked="garment.facts?.[fact] === false" @click="answer(garment, fact, false)">
          {{ says.no }}
        </FrameKey>
      </div>
      <details v-if="isCloth(garment)">
        <summary>{{ says.otherCloth(garmentWords.garments[garment.item]) }}</summary>
        <p class="soft">
          {{ says.onTheLabel }}
        </p>
        <div class="cloth">
          <FrameNumber
            v-for="material in MATERIALS"
            :key="material"
            :model-value="percentOf(garment, material)"
            :label="garmentWords.materials[material]"
            :unit="plainUnit('%')"
            :limits="PERCENT"
            optional
            @update:model-value="setPercent(garment, material, $event)"
          />
        </div>
      </details>
    </div>
  </section>
</template>

<style scoped>
.zone { display: grid; gap: var(--space-4); align-content: start; }
h2::first-letter { text-transform: uppercase; }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.keys .key { white-space: normal; text-align: left; }
.found {
  display: grid;
  gap: var(--space-2);
  border-left: var(--line-heavy) solid var(--ink);
  padding-left: var(--space-4);
}
.garment {
  display: grid;
  gap: var(--space-3);
  border-top: var(--line-thin) solid var(--rule);
  padding-top: var(--space-4);
}
.label { max-width: 360px; }
.fact { display: flex; gap: var(--space-3); align-items: center; }
.fact span { flex: 1; }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 750; }
.cloth { display: grid; grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)); gap: var(--space-3); }
small { font-weight: 500; }
</style>
