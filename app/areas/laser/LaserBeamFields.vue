<script setup lang="ts">
import type { BeamConvention } from '#core/ids/protection-ids'
import { BEAM_CONVENTIONS } from '#core/ids/protection-ids'
import type { LaserBeam } from '#core/laser/beam'
import { LASER_LIMITS } from '#core/laser/laser-hazard'
import { laserPages } from '~/words/laser'

const says = laserPages.beam

/** A laser's beam, as its maker describes it: all of it or, where it may be left out, none. Told once nothing of it is missing. */
const { optional = false } = defineProps<{ optional?: boolean }>()
const beam = defineModel<LaserBeam | undefined>({ required: true })
const powerW = ref(beam.value?.powerW)
const wavelengthNm = ref(beam.value?.wavelengthNm)
const divergenceMrad = ref(beam.value?.divergenceMrad)
const beamDiameterMm = ref(beam.value?.beamDiameterMm)
const convention = ref<BeamConvention | ''>(beam.value?.convention ?? '')
const numbers = computed(() => [powerW.value, wavelengthNm.value, divergenceMrad.value, beamDiameterMm.value])
/** Begun, the rest is needed: half a beam is none, and would be lost. */
const mayLeaveOut = computed(() => optional && convention.value === '' && numbers.value.every(value => value === undefined))
watch([numbers, convention], ([[power, wavelength, divergence, diameter], measuredTo]) => {
  const isWhole = power !== undefined && wavelength !== undefined && divergence !== undefined && diameter !== undefined
  beam.value = isWhole && measuredTo !== ''
    ? { powerW: power, wavelengthNm: wavelength, divergenceMrad: divergence, beamDiameterMm: diameter, convention: measuredTo }
    : undefined
})
</script>

<template>
  <div class="columns">
    <FrameNumber v-model="powerW" :label="says.power" :unit="plainUnit('W')" :limits="LASER_LIMITS.powerW" :optional="mayLeaveOut" />
    <FrameNumber
      v-model="wavelengthNm"
      :label="says.wavelength"
      :unit="plainUnit('nm')"
      :limits="LASER_LIMITS.wavelengthNm"
      :optional="mayLeaveOut"
    />
    <FrameNumber
      v-model="divergenceMrad"
      :label="says.divergence"
      :unit="plainUnit('mrad')"
      :limits="LASER_LIMITS.divergenceMrad"
      :optional="mayLeaveOut"
    />
    <FrameNumber
      v-model="beamDiameterMm"
      :label="says.diameter"
      :unit="plainUnit('mm')"
      :limits="LASER_LIMITS.beamDiameterMm"
      :optional="mayLeaveOut"
    />
    <FrameSelect
      v-model="convention"
      :label="says.measuredTo"
      :ids="BEAM_CONVENTIONS"
      :named="shownConvention"
      :none="says.asTheMakerSays"
      :is-needed="!mayLeaveOut"
    />
  </div>
</template>

<style scoped>
.columns { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 190px), 1fr)); gap: var(--space-3); }
</style>
