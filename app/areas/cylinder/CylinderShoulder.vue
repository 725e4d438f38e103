<script setup lang="ts">
import { requalification } from '#core/cylinder/requalification'
import { shopDayOf } from '#core/time/shop-day'
import { gasPages } from '~/words/gas'

const says = gasPages.shoulder

/** The marks on a shoulder, read as they are typed: what it is, when it was tested, when it is due again. */
const facts = useFacts()
const { nowMs } = useClock()
const marks = ref('')
const gas = ref<GasChoice>('')
const waterVolumeL = ref<number | undefined>()
const filled = ref<'' | 'out' | 'in-place'>('')
const filledOn = ref('')
const units = useCylinderUnits()
const today = computed(() => shopDayOf(nowMs.value, facts.site.timeZone, facts.rules.shopDayHour))
const content = computed(() => gasContentOf(gas.value))
const read = computed(() =>
  marks.value.trim() === '' || content.value === null
    ? null
    : requalification({
        stamps: marks.value,
        gas: content.value,
        today: today.value,
        ...(waterVolumeL.value === undefined ? {} : { waterVolumeL: waterVolumeL.value }),
        ...(filled.value === '' ? {} : { filledInPlace: filled.value === 'in-place' }),
        ...(filledOn.value === '' ? {} : { filledOn: filledOn.value }),
      }),
)
</script>

<template>
  <section aria-labelledby="gas-shoulder">
    <h2 id="gas-shoulder">
      {{ says.readAShoulder }}
    </h2>
    <FrameField
      v-slot="{ id, describedBy }"
      :label="says.marksOneALineThe"
      :hint="says.dot3aa2400Then306"
    >
      <UTextarea
        :id="id"
        v-model="marks"
        :ui="{ base: says.marksChalk }"
        :rows="4"
        autocapitalize="characters"
        spellcheck="false"
        :aria-describedby="describedBy"
      />
    </FrameField>
    <div class="columns">
      <FrameSelect v-model="gas" :label="says.gas" :ids="GAS_CHOICES" :named="gasName" :none="says.choose" />
      <FrameNumber
        v-model="waterVolumeL"
        :label="says.waterVolume"
        :unit="units.litres"
        :limits="{ min: 0.1, max: 3000 }"
        optional
        :hint="says.notKnownTheShortInterval"
      />
      <FrameSelect
        v-model="filled"
        :label="says.filled"
        :ids="['out', 'in-place']"
        :named="id => id === 'out' ? says.takenOutEachTime : says.inItsBankOrOn"
        :none="says.notKnown"
      />
      <FrameDay v-model="filledOn" :label="says.lastFilledOn" />
    </div>
    <CylinderTestDates v-if="read" class="answer ruled" :read="read" aria-live="polite" />
    <p v-else class="soft answer ruled">
      {{ marks.trim() === '' ? says.typeWhatIsStampedIt : says.chooseTheGasTheInterval }}
    </p>
  </section>
</template>

<style scoped>
section { display: grid; gap: var(--space-4); }
:deep(.marks) { padding: var(--space-5) var(--space-6); min-height: 120px; line-height: 1.5; resize: vertical; }
.answer { padding-top: var(--space-4); }
</style>
