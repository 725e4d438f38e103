<script setup lang="ts">
import type { KitItemMarks } from '#core/streams/kit-item/kit-item'
import { EXTINGUISHER_TYPES } from '#core/inspection/extinguisher-dates'
import type { ExtinguisherType } from '#core/inspection/extinguisher-dates'
import { readRating } from '#core/inspection/extinguisher-rating'
import type { HelmetKindId } from '#core/ids/protection-ids'
import { HELMET_KINDS } from '#core/ids/protection-ids'
import type { EquipmentKindId, MaskId } from '#core/ids/vocabulary'
import { MASKS } from '#core/ids/vocabulary'
import { kitPages } from '~/words/kit'
import { kitItemWords } from '~/words/kit-item-words'

const says = kitPages.marks

/** What a thing's own plate says, as far as its kind asks for it. */
const { kind, known = {} } = defineProps<{ kind: EquipmentKindId, known?: KitItemMarks }>()
const marks = defineModel<KitItemMarks>({ required: true })
const shop = useShopUnits()
const plain = (unit: string) => ({ unit, step: 1, toShown: (si: number) => si, fromShown: (shown: number) => shown })
const ratedCurrentA = ref(known.ratedCurrentA)
const ratedDutyPercent = ref(known.ratedDutyPercent)
const maxCurrentA = ref(known.maxCurrentA)
const leadLengthM = ref(known.leadLengthM)
const leadAreaMm2 = ref(known.leadAreaMm2)
const toolRpm = ref(known.toolRpm)
const bands = ref<[number | undefined, number | undefined][]>(
  (known.shadeBands ?? [[undefined, undefined] as const]).map(([lightest, darkest]) => [lightest, darkest]),
)
const lensKind = ref<HelmetKindId | ''>(known.lensKind ?? '')
const lightState = ref(known.lightState)
const switchingMs = ref(known.switchingMs)
const extinguisherType = ref<ExtinguisherType | ''>(known.extinguisherType ?? '')
const rating = ref(known.extinguisherRating ?? '')
const ratingWrong = computed(() =>
  rating.value.trim() === '' || readRating(rating.value) ? '' : says.asItIsPrinted4,
)
const mask = ref<MaskId | ''>(known.mask ?? '')
const laserBeam = ref(known.laserBeam)
const laserFilter = ref(known.laserFilter)
const isWornAgainstLasers = computed(() => kind === 'helmet' || kind === 'laser-eyewear')
const madeOn = ref(known.madeOn ?? '')
const pressureTestedOn = ref(known.pressureTestedOn ?? '')
const openedOn = ref(known.openedOn ?? '')
const isSource = computed(() => kind === 'arc-machine' || kind === 'engine-drive' || kind === 'plasma-cutter')
const typed = computed(() => {
  const shades = bands.value.flatMap(([lightest, darkest]) =>
    lightest === undefined || darkest === undefined ? [] : [[Math.min(lightest, darkest), Math.max(lightest, darkest)] as const],
  )
  const all: KitItemMarks = {
    ...(isSource.value
      ? { ratedCurrentA: ratedCurrentA.value, ratedDutyPercent: ratedDutyPercent.value, maxCurrentA: maxCurrentA.value }
      : {}),
    ...(kind === 'welding-leads' ? { leadLengthM: leadLengthM.value, leadAreaMm2: leadAreaMm2.value } : {}),
    ...(kind === 'grinder' || kind === 'bench-grinder' ? { toolRpm: toolRpm.value } : {}),
    ...(kind === 'helmet' && shades.length > 0 ? { shadeBands: shades } : {}),
    ...(kind === 'helmet'
      ? {
          lensKind: lensKind.value || undefined,
          ...lensKind.value === 'auto' ? { lightState: lightState.value, switchingMs: switchingMs.value } : {},
        }
      : {}),
    ...(kind === 'extinguisher'
      ? {
          extinguisherType: extinguisherType.value || undefined,
          extinguisherRating: ratingWrong.value === '' && rating.value.trim() !== '' ? rating.value.trim() : undefined,
          pressureTestedOn: pressureTestedOn.value || undefined,
          openedOn: openedOn.value || undefined,
        }
      : {}),
    ...(kind === 'respirator' ? { mask: mask.value || undefined } : {}),
    ...(kind === 'laser-welder' ? { laserBeam: laserBeam.value } : {}),
    ...(isWornAgainstLasers.value ? { laserFilter: laserFilter.value } : {}),
    madeOn: madeOn.value || undefined,
  }
  return JSON.parse(JSON.stringify(all)) as KitItemMarks
})
// Told on, not followed: whoever is told answers with what else they know, and that is no reason to tell them again.
watch(typed, (said) => {
  marks.value = said
}, { immediate: true })
</script>

<template>
  <div class="columns">
    <template v-if="isSource">
      <FrameNumber
        v-model="ratedCurrentA"
        :label="says.ratedAt"
        :unit="plain('A')"
        :limits="{ min: 1, max: 3000 }"
        optional
        :hint="says.thePlateCurrentAtA"
      />
      <FrameNumber v-model="ratedDutyPercent" :label="says.atADutyOf" :unit="plain('%')" :limits="{ min: 1, max: 100 }" optional />
      <FrameNumber v-model="maxCurrentA" :label="says.givesAtMost" :unit="plain('A')" :limits="{ min: 1, max: 3000 }" optional />
    </template>
    <template v-if="kind === 'welding-leads'">
      <FrameNumber
        v-model="leadLengthM"
        :label="says.leadAndReturnTogether"
        :unit="shop.height"
        :limits="{ min: 0.5, max: 500 }"
        optional
      />
      <FrameNumber v-model="leadAreaMm2" :label="says.crossSection" :unit="plain('mm²')" :limits="{ min: 1, max: 500 }" optional />
    </template>
    <FrameNumber
      v-if="kind === 'grinder' || kind === 'bench-grinder'"
      v-model="toolRpm"
      :label="says.turnsAMinute"
      :unit="plain('')"
      :limits="{ min: 1, max: 100000 }"
      optional
    />
    <template v-if="kind === 'helmet'">
      <template v-for="(band, index) in bands" :key="index">
        <FrameNumber
          v-model="band[0]"
          :label="index === 0 ? says.shadesFrom : says.andFrom"
          :unit="plain('')"
          :limits="{ min: 1.2, max: 16 }"
          optional
          :hint="says.aFixedLensTheSame"
        />
        <FrameNumber v-model="band[1]" :label="says.to" :unit="plain('')" :limits="{ min: 1.2, max: 16 }" optional />
      </template>
      <FrameKey v-if="bands.length < 3" class="gap" @click="bands.push([undefined, undefined])">
        {{ says.itHasAGapAnother }}
      </FrameKey>
      <FrameChoice v-model="lensKind" :label="says.lens" :ids="HELMET_KINDS" :named="id => says.lenses[id]" :hint="says.lensHint" />
      <template v-if="lensKind === 'auto'">
        <FrameNumber v-model="lightState" :label="says.lightState" :unit="plain('')" :limits="{ min: 1, max: 6 }" optional />
        <FrameNumber
          v-model="switchingMs"
          :label="says.switching"
          :unit="plain('ms')"
          :limits="{ min: 0.001, max: 1000 }"
          optional
          :hint="says.switchingHint"
        />
      </template>
    </template>
    <template v-if="kind === 'extinguisher'">
      <FrameSelect
        v-model="extinguisherType"
        :label="says.type"
        :ids="EXTINGUISHER_TYPES"
        :named="id => kitItemWords.extinguisherTypes[id]"
        :none="says.choose"
      />
      <FrameText
        v-model="rating"
        :label="says.ratedFor"
        :hint="says.asPrinted4A60"
        :wrong="ratingWrong"
        :lacks="ratingWrong"
        maxlength="40"
        spellcheck="false"
      />
      <FrameDay v-model="pressureTestedOn" :label="says.pressureTestedOn" />
      <FrameDay v-model="openedOn" :label="says.lastOpenedOn" />
    </template>
    <FrameSelect
      v-if="kind === 'respirator'"
      v-model="mask"
      :label="says.whatKindOfMask"
      :ids="MASKS"
      :named="id => words.masks[id]"
      :none="says.choose"
      :hint="says.onlyTheMaskThatWas"
    />
    <FrameDay v-model="madeOn" :label="says.madeOn" />
  </div>
  <fieldset v-if="kind === 'laser-welder'" class="laser">
    <legend>{{ says.theBeam }}</legend>
    <LaserBeamFields v-model="laserBeam" optional />
  </fieldset>
  <fieldset v-if="isWornAgainstLasers" class="laser">
    <legend>{{ says.againstLasers }}</legend>
    <LaserFilterFields v-model="laserFilter" :optional="kind === 'helmet'" />
  </fieldset>
</template>

<style scoped>
.gap { align-self: center; }
.laser { margin-top: var(--space-4); }
.laser legend { font-weight: 800; margin-bottom: var(--space-3); }
</style>
