<script setup lang="ts">
import type { CylinderMarks } from '#core/streams/cylinder/cylinder'
import { requalification } from '#core/cylinder/requalification'
import { cylinderWords } from '~/words/cylinder-words'
import { CYLINDER_OWNERS } from '#core/ids/cylinder-ids'
import { gasPages } from '~/words/gas'

const says = gasPages.marksForm
const { day } = useDates()

/** What a cylinder is: label, shoulder, volumes. The shoulder is read while it is typed. */
const { known = null, today } = defineProps<{ known?: CylinderMarks | null, today: string }>()
const marks = defineModel<CylinderMarks | null>({ required: true })
const units = useCylinderUnits()
const gas = ref<GasChoice>(known ? gasChoiceOf(known.gas) : '')
const owner = ref<CylinderMarks['owner']>(known?.owner ?? 'rented')
const stamps = ref(known?.stamps ?? '')
const waterVolumeL = ref<number | undefined>(known?.waterVolumeL)
const filled = ref<'' | 'out' | 'in-place'>(known?.filledInPlace === undefined ? '' : known.filledInPlace ? 'in-place' : 'out')
const filledOn = ref(known?.filledOn ?? '')
const tareKg = ref<number | undefined>(known?.tareKg)
const fullM3 = ref<number | undefined>(known?.fullM3)
const diameterM = ref<number | undefined>(known?.diameterM)
const heightM = ref<number | undefined>(known?.heightM)
const shop = useShopUnits()
/** A mix of the site's own cannot be chosen here, and stays as it was. */
const content = computed(() => gasContentOf(gas.value) ?? (gas.value === '' && known ? known.gas : null))
watchEffect(() => {
  marks.value
    = content.value === null
      ? null
      : {
          gas: content.value,
          owner: owner.value,
          stamps: stamps.value.trim(),
          waterVolumeL: waterVolumeL.value,
          filledInPlace: filled.value === '' ? undefined : filled.value === 'in-place',
          filledOn: filledOn.value || undefined,
          tareKg: tareKg.value,
          fullM3: fullM3.value,
          diameterM: diameterM.value,
          heightM: heightM.value,
        }
})
const read = computed(() => marks.value && stamps.value.trim() !== '' ? requalification({ ...marks.value, today }) : null)
</script>

<template>
  <div class="marks">
    <div class="columns">
      <FrameSelect
        v-model="gas"
        :label="says.gasOnTheLabel"
        :ids="GAS_CHOICES"
        :named="gasName"
        :none="says.choose"
        :is-needed="content === null"
        name="gas"
      />
      <FrameSelect v-model="owner" :label="says.owner" :ids="CYLINDER_OWNERS" :named="id => cylinderWords.owners[id]" />
    </div>
    <FrameField
      v-slot="{ id, describedBy }"
      :label="says.marksOnTheShoulderOne"
      :hint="says.dot3aa2400Then306"
    >
      <UTextarea
        :id="id"
        v-model="stamps"
        :ui="{ base: 'stamps chalk' }"
        :rows="3"
        autocapitalize="characters"
        spellcheck="false"
        :aria-describedby="describedBy"
      />
    </FrameField>
    <p v-if="read" class="said" :class="{ 'is-open': read.nextDue !== null && !read.overdue }">
      {{
        read.nextDue === null
          ? says.theShoulderCannotBeRead
          : says.nextTestBy(day(read.nextDue), read.overdue ? says.pastDueItMayBe : '')
      }}
    </p>
    <div class="columns">
      <FrameNumber
        v-model="fullM3"
        :label="says.contentWhenFull"
        :unit="units.gas"
        :limits="{ min: 0.01, max: 1000 }"
        optional
        :hint="says.fromTheLabel"
      />
      <FrameNumber
        v-model="waterVolumeL"
        :label="says.waterVolume"
        :unit="units.litres"
        :limits="{ min: 0.1, max: 3000 }"
        optional
        :hint="says.notKnownTheShortInterval"
      />
      <FrameNumber
        v-model="tareKg"
        :label="says.tareCapOff"
        :unit="units.mass"
        :limits="{ min: 0, max: 5000 }"
        optional
        :hint="says.forGasThatIsWeighed"
      />
      <FrameSelect
        v-model="filled"
        :label="says.filled"
        :ids="['out', 'in-place']"
        :named="id => id === 'out' ? says.takenOutEachTime : says.inItsBankOrOn"
        :none="says.notKnown"
      />
      <FrameDay v-model="filledOn" :label="says.lastFilledOn" />
      <FrameNumber v-model="diameterM" :label="says.across" :unit="shop.reach" :limits="{ min: 0.02, max: 3 }" optional />
      <FrameNumber v-model="heightM" :label="says.heightWithCap" :unit="shop.height" :limits="{ min: 0.1, max: 5 }" optional />
    </div>
  </div>
</template>

<style scoped>
.marks { display: grid; gap: var(--space-4); }
:deep(.stamps) { padding: var(--space-5) var(--space-6); min-height: 96px; line-height: 1.5; resize: vertical; }
</style>
