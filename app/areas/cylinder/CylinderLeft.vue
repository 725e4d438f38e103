<script setup lang="ts">
import { contentsByPressure, contentsByWeight, pressureRefusal } from '#core/cylinder/contents'
import type { CylinderGasId } from '#core/ids/vocabulary'

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
      How much is left
    </h2>
    <div class="columns">
      <FrameSelect v-model="gas" label="Gas in it" :ids="GAS_CHOICES" :named="gasName" none="choose" />
      <template v-if="refusal">
        <FrameNumber
          v-model="grossKg"
          label="Weighs, with gas"
          :unit="units.mass"
          :limits="{ min: 0, max: 5000 }"
          :hint="isTooLight ? 'Less than its tare: weigh it with the same parts on.' : ''"
        />
        <FrameNumber v-model="tareKg" label="Tare, cap off" :unit="units.mass" :limits="{ min: 0, max: 5000 }" />
      </template>
      <template v-else>
        <FrameNumber v-model="waterVolumeL" label="Water volume of it" :unit="units.litres" :limits="{ min: 0.1, max: 3000 }" />
        <FrameNumber v-model="gaugeKPa" label="Gauge shows" :unit="units.pressure" :limits="{ min: 0, max: 40000 }" />
        <FrameNumber v-model="temperatureC" label="Temperature of it" :unit="units.temperature" :limits="{ min: -30, max: 65 }" />
      </template>
      <FrameNumber
        v-model="flowLPerMin"
        label="Flow"
        :unit="units.flow"
        :limits="{ min: 0.01, max: 10000 }"
        optional
        hint="For how long it lasts."
      />
    </div>
    <div class="answer ruled" aria-live="polite">
      <p v-if="refusal">
        {{ lookup.say(refusal).message }}
      </p>
      <CylinderContents v-if="answer" :answer="answer" :by-weight="refusal !== null" />
      <p v-else class="soft">
        <template v-if="refusal">
          Weigh it, and read its tare off the shoulder.
        </template>
        <template v-else>
          Choose the gas, and read the gauge with the valve open and nothing flowing.
        </template>
      </p>
    </div>
  </section>
</template>

<style scoped>
section { display: grid; gap: 8px; }
.answer { padding-top: 8px; display: grid; gap: 4px; }
</style>
