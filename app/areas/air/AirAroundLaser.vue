<script setup lang="ts">
import type { BeamConvention } from '#core/ids/protection-ids'
import { BEAM_CONVENTIONS } from '#core/ids/protection-ids'
import { LASER_LIMITS, laserHazard } from '#core/laser/laser-hazard'
import { airPages } from '~/words/air'

const says = airPages.around

/** How far a handheld laser is dangerous, and whether eyewear answers for it. */
const q = useQuantities()
const powerW = ref<number | undefined>()
const wavelengthNm = ref<number | undefined>()
const divergenceMrad = ref<number | undefined>()
const beamDiameterMm = ref<number | undefined>()
const convention = ref<BeamConvention | ''>('')
const mattPercent = ref<number | undefined>()
const od = ref<number | undefined>()
const damageRating = ref<number | undefined>()
const EXPOSURE_S = 10
const found = computed(() => powerW.value === undefined || wavelengthNm.value === undefined || divergenceMrad.value === undefined
  ? null
  : laserHazard({
      powerW: powerW.value,
      wavelengthNm: wavelengthNm.value,
      divergenceMrad: divergenceMrad.value,
      exposureS: EXPOSURE_S,
      ...beamDiameterMm.value === undefined ? {} : { beamDiameterMm: beamDiameterMm.value },
      ...convention.value === '' ? {} : { convention: convention.value },
      ...mattPercent.value === undefined ? {} : { reflectance: mattPercent.value / 100 },
      ...od.value === undefined
        ? {}
        : { eyewear: { od: od.value, ...damageRating.value === undefined ? {} : { damageRating: damageRating.value } } },
    }))
</script>

<template>
  <FrameSum :title="says.howFarALaserReaches" :level="3">
    <div class="columns">
      <FrameNumber v-model="powerW" :label="says.power" :unit="plainUnit('W')" :limits="LASER_LIMITS.powerW" />
      <FrameNumber v-model="wavelengthNm" :label="says.wavelength" :unit="plainUnit('nm')" :limits="LASER_LIMITS.wavelengthNm" />
      <FrameNumber
        v-model="divergenceMrad"
        :label="says.divergence"
        :unit="plainUnit('mrad')"
        :limits="LASER_LIMITS.divergenceMrad"
        :hint="says.fullAngle"
      />
      <FrameNumber
        v-model="beamDiameterMm"
        :label="says.beamAtTheLens"
        :unit="plainUnit('mm')"
        :limits="LASER_LIMITS.beamDiameterMm"
        optional
      />
      <FrameSelect
        v-model="convention"
        :label="says.measuredTo"
        :ids="BEAM_CONVENTIONS"
        :named="shownConvention"
        :none="says.notKnown"
      />
      <FrameNumber
        v-model="mattPercent"
        :label="says.aMattSurfaceThrowsBack"
        :unit="plainUnit('%')"
        :limits="{ min: 0, max: 100 }"
        optional
      />
      <FrameNumber v-model="od" :label="says.eyewearDensity" :unit="plainUnit('')" :limits="{ min: 0, max: 12 }" optional />
      <FrameNumber v-model="damageRating" :label="says.eyewearScaleNumber" :unit="wholeUnit" :limits="{ min: 1, max: 12 }" optional />
    </div>
    <template v-if="found" #answer>
      <p class="big print">
        {{ q.distance(Math.ceil(found.eyeHazardDistanceM * 10) / 10) }} <small>{{ says.harmsAnEye }}</small>
      </p>
      <CylinderFindings :findings="found.findings" />
    </template>
  </FrameSum>
</template>
