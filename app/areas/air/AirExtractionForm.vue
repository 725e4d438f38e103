<script setup lang="ts">
import type { Extraction, FittedBay, FlowMethod, ScreenId, WallId } from '#core/streams/hall/hall'
import { FLOW_METHODS, SCREENS, WALLS } from '#core/streams/hall/hall'
import { HOOD_LIMITS, mouthAreaM2 } from '#core/ventilation/hood'
import {
  ENTRY_COEFFICIENTS,
  flowFromFaceVelocityM3PerS,
  flowFromStaticPressureM3PerS,
  flowFromTraverseM3PerS,
} from '#core/ventilation/hood-flow'
import type { HoodEntryId } from '#core/ventilation/hood-flow'
import type { ExtractionKindId } from '#core/ids/vocabulary'
import { EXTRACTION_KINDS } from '#core/ids/vocabulary'
import { hoodEntryWords } from '~/areas/air/hoodEntryWords'
import { airPages } from '~/words/air'

const says = airPages.extractionForm

/** The extraction of one bay, with its flow typed or worked out from what was measured. */
const { fitted, isForMany = false } = defineProps<{
  fitted: FittedBay | undefined
  /** The same at several bays: where each of them stands is said elsewhere. */
  isForMany?: boolean
}>()
const emit = defineEmits<{ fit: [fitted: FittedBay] }>()
const units = useShopUnits()
const q = useQuantities()

const before = fitted?.extraction
const kind = ref<ExtractionKindId | ''>(before?.kind ?? 'arm')
const isRound = ref(before ? before.diameterM !== undefined : true)
const diameterM = ref<number | undefined>(before?.diameterM)
const widthM = ref<number | undefined>(before?.widthM)
const heightM = ref<number | undefined>(before?.heightM)
const flanged = ref(before?.flanged ?? false)
const flowM3PerS = ref<number | undefined>(before?.flowM3PerS)
const flowFrom = ref<FlowMethod | ''>(before?.flowFrom ?? 'maker')
const returnsAir = ref(before?.returnsAir ?? false)
const filterEfficiency = ref<number | undefined>(before?.filterEfficiency ?? 0)
const xM = ref<number | undefined>(fitted?.xM ?? 0)
const yM = ref<number | undefined>(fitted?.yM ?? 0)
const walls = ref<WallId | ''>(fitted?.walls ?? '')
const screen = ref<ScreenId | ''>(fitted?.screen ?? '')

const readings = ref('')
const ductM = ref<number | undefined>(before?.diameterM)
const entry = ref<HoodEntryId | ''>('flanged-end')
const numbers = computed(() => readings.value.split(/[\s;]+/).filter(Boolean).map(readNumber))
/** Flow from readings: speeds at the face in the site's unit, pressures in Pa. */
const worked = computed(() => {
  if (numbers.value.length === 0 || numbers.value.some(value => !(value >= 0))) return null
  const mouth
    = kind.value === ''
      ? undefined
      : mouthAreaM2({
          kind: kind.value === 'arm' ? 'opening' : kind.value,
          diameterM: isRound.value ? diameterM.value : undefined,
          widthM: widthM.value,
          heightM: heightM.value,
          flanged: false,
          flowM3PerS: 0,
        })
  switch (flowFrom.value) {
    case 'face-velocity':
      return mouth ? flowFromFaceVelocityM3PerS(mouth, numbers.value.map(units.value.speed.fromShown)) : null
    case 'static-pressure':
      return ductM.value && entry.value
        ? flowFromStaticPressureM3PerS(
            ductM.value,
            numbers.value.reduce((total, pa) => total + pa, 0) / numbers.value.length,
            ENTRY_COEFFICIENTS[entry.value],
          )
        : null
    case 'traverse':
      return ductM.value ? flowFromTraverseM3PerS(ductM.value, numbers.value) : null
    default:
      return null
  }
})
const ASKED: Record<Exclude<FlowMethod, 'maker'>, string> = {
  'face-velocity': says.speedsAtPointsOfThe,
  'static-pressure': says.suctionBehindTheHoodPa,
  'traverse': says.velocityPressuresAcrossTheDuct,
}

const extraction = computed<Extraction | null>(() => {
  if (!kind.value || !flowFrom.value || flowM3PerS.value === undefined || filterEfficiency.value === undefined) return null
  const mouth
    = kind.value === 'gun' ? {} : isRound.value ? { diameterM: diameterM.value } : { widthM: widthM.value, heightM: heightM.value }
  if (Object.values(mouth).some(value => value === undefined)) return null
  return {
    kind: kind.value,
    ...mouth,
    flanged: flanged.value,
    flowM3PerS: flowM3PerS.value,
    flowFrom: flowFrom.value,
    returnsAir: returnsAir.value,
    filterEfficiency: returnsAir.value ? filterEfficiency.value : 0,
  }
})
const place = () => ({
  xM: xM.value ?? 0,
  yM: yM.value ?? 0,
  ...walls.value === '' ? {} : { walls: walls.value },
  ...screen.value === '' ? {} : { screen: screen.value },
})
</script>

<template>
  <FrameForm class="extraction" @send="extraction && emit('fit', { ...place(), extraction })">
    <div class="columns">
      <FrameSelect v-model="kind" :label="says.kind" :ids="EXTRACTION_KINDS" :named="id => words.extractionKinds[id]" />
      <template v-if="!isForMany">
        <FrameNumber v-model="xM" :label="says.standsAtAlongTheHall" :unit="units.height" :limits="{ min: -1000, max: 1000 }" />
        <FrameNumber v-model="yM" :label="says.andAcrossIt" :unit="units.height" :limits="{ min: -1000, max: 1000 }" />
      </template>
      <FrameSelect
        v-model="walls"
        :label="says.wallsRound"
        :hint="says.wallsHint"
        :none="says.wallsNotSaid"
        :ids="WALLS"
        :named="id => says.walls[id]"
      />
      <FrameSelect
        v-model="screen"
        :label="says.screen"
        :hint="says.screenHint"
        :none="says.wallsNotSaid"
        :ids="SCREENS"
        :named="id => says.screens[id]"
      />
    </div>
    <template v-if="kind !== 'gun'">
      <div class="keys">
        <FrameKey :picked="isRound" @click="isRound = true">
          {{ says.roundMouth }}
        </FrameKey>
        <FrameKey :picked="!isRound" @click="isRound = false">
          {{ says.withCorners }}
        </FrameKey>
        <FrameKey :picked="flanged" @click="flanged = !flanged">
          {{ says.withAWideFlatRim }}
        </FrameKey>
      </div>
      <div class="columns">
        <FrameNumber v-if="isRound" v-model="diameterM" :label="says.diameter" :unit="units.reach" :limits="HOOD_LIMITS.diameterM" />
        <template v-else>
          <FrameNumber v-model="widthM" :label="says.width" :unit="units.reach" :limits="HOOD_LIMITS.widthM" />
          <FrameNumber v-model="heightM" :label="says.heightOrDepth" :unit="units.reach" :limits="HOOD_LIMITS.heightM" />
        </template>
      </div>
    </template>
    <div class="columns">
      <FrameSelect v-model="flowFrom" :label="says.flowKnownFrom" :ids="FLOW_METHODS" :named="id => words.flowMethods[id]" />
      <template v-if="flowFrom && flowFrom !== 'maker'">
        <FrameText
          v-model="readings"
          :label="flowFrom === 'face-velocity' ? `${ASKED[flowFrom]}, ${units.speed.unit}` : ASKED[flowFrom]"
          :hint="says.oneOrMoreWithSpaces"
          inputmode="decimal"
        />
        <FrameNumber
          v-if="flowFrom !== 'face-velocity'"
          v-model="ductM"
          :label="says.ductDiameter"
          :unit="units.reach"
          :limits="HOOD_LIMITS.diameterM"
          optional
        />
        <FrameSelect
          v-if="flowFrom === 'static-pressure'"
          v-model="entry"
          :label="says.theHoodIsA"
          :ids="Object.keys(ENTRY_COEFFICIENTS) as HoodEntryId[]"
          :named="hoodEntryWords"
        />
      </template>
      <FrameNumber v-model="flowM3PerS" :label="says.flow" :unit="units.airFlow" :limits="HOOD_LIMITS.flowM3PerS" />
    </div>
    <FrameKey v-if="worked !== null" @click="flowM3PerS = worked">
      {{ says.takeFromTheReadings(q.airFlow(worked)) }}
    </FrameKey>
    <div class="keys">
      <FrameKey :picked="!returnsAir" @click="returnsAir = false">
        {{ says.ductedOut }}
      </FrameKey>
      <FrameKey :picked="returnsAir" @click="returnsAir = true">
        {{ says.returnedThroughAFilter }}
      </FrameKey>
    </div>
    <FrameNumber
      v-if="returnsAir"
      v-model="filterEfficiency"
      :label="says.itsFilterKeeps"
      :unit="shareUnit"
      :limits="{ min: 0, max: 1 }"
      :hint="says.ofFumeGasesComeBack"
    />
    <div class="keys">
      <FrameKey @click="emit('fit', { ...place(), extraction: null })">
        {{ says.itHasNone }}
      </FrameKey>
      <FrameKey look="go" type="submit">
        {{ says.save }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.extraction {
  display: grid; gap: var(--space-4); border: var(--line-heavy) solid var(--ink); background: var(--bg); padding: var(--space-6);
  margin: var(--space-2) 0 var(--space-5);
}
</style>
