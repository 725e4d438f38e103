<script setup lang="ts">
import { contentsByPressure, contentsByWeight, pressureRefusal } from '#core/cylinder/contents'
import type { CylinderGasId } from '#core/ids/vocabulary'
import { gasPages } from '~/words/gas'

const says = gasPages.left

/** How much is left: by the gauge with real-gas behaviour, or by weight where the gauge says nothing. */
const lookup = useLookup()
const units = useCylinderUnits()
const gas = ref<GasChoice>('')
const waterVolumeL = ref<number | undefined>()
const gaugeKPa = ref<number | undefined>()
const temperatureC = ref<number | undefined>()
const flowLPerMin = ref<number | undefined>()
const grossKg = ref<number | undefined>()
const tareKg = ref<number | undefined>()
const content = computed(() => gasContentOf(gas.value))
const refusal = computed(() => content.value === null ? null : pressureRefusal(content.value))
const isTooLight = computed(() => grossKg.value !== undefined && tareKg.value !== undefined && grossKg.value < tareKg.value)
const flow = computed(() => flowLPerMin.value === undefined ? {} : { flowLPerMin: flowLPerMin.value })
const answer = computed(() => {
  if (content.value === null) return null
  if (refusal.value) {
    return grossKg.value === undefined || tareKg.value === undefined || isTooLight.value
      ? null
      : contentsByWeight({ gas: content.value as CylinderGasId, grossKg: grossKg.value, tareKg: tareKg.value, ...flow.value })
  }
  if (waterVolumeL.value === undefined || gaugeKPa.value === undefined || temperatureC.value === undefined) return null
  return contentsByPressure({
    gas: content.value,
    waterVolumeL: waterVolumeL.value,
    gaugePressureKPa: gaugeKPa.value,
    temperatureC: temperatureC.value,
    ...flow.value,
  })
})
</script>

<template>
  <section aria-labelledby="gas-left">
    <h2 id="gas-left">
      {{ says.howMuchIsLeft }}
    </h2>
    <div class="columns">
      <FrameSelect v-model="gas" :label="says.gasInIt" :ids="GAS_CHOICES" :named="gasName" :none="says.choose" />
      <template v-if="refusal">
        <FrameNumber
          v-model="grossKg"
          :label="says.weighsWithGas"
          :unit="units.mass"
          :limits="{ min: 0, max: 5000 }"
          :hint="isTooLight ? says.lessThanItsTareWeigh : ''"
        />
        <FrameNumber v-model="tareKg" :label="says.tareCapOff" :unit="units.mass" :limits="{ min: 0, max: 5000 }" />
      </template>
      <template v-else>
        <FrameNumber v-model="waterVolumeL" :label="says.waterVolumeOfIt" :unit="units.litres" :limits="{ min: 0.1, max: 3000 }" />
        <FrameNumber v-model="gaugeKPa" :label="says.gaugeShows" :unit="units.pressure" :limits="{ min: 0, max: 40000 }" />
        <FrameNumber v-model="temperatureC" :label="says.temperatureOfIt" :unit="units.temperature" :limits="{ min: -30, max: 65 }" />
      </template>
      <FrameNumber
        v-model="flowLPerMin"
        :label="says.flow"
        :unit="units.flow"
        :limits="{ min: 0.01, max: 10000 }"
        optional
        :hint="says.forHowLongItLasts"
      />
    </div>
    <div class="answer ruled" aria-live="polite">
      <p v-if="refusal">
        {{ lookup.say(refusal).message }}
      </p>
      <CylinderContents v-if="answer" :answer="answer" :by-weight="refusal !== null" />
      <p v-else class="soft">
        <template v-if="refusal">
          {{ says.weighItAndReadIts }}
        </template>
        <template v-else>
          {{ says.chooseTheGasAndRead }}
        </template>
      </p>
    </div>
  </section>
</template>

<style scoped>
section { display: grid; gap: var(--space-4); }
.answer { padding-top: var(--space-4); display: grid; gap: var(--space-2); }
</style>
