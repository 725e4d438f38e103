<script setup lang="ts">
import type { CylinderCommands, CylinderMarks } from '#core/streams/cylinder/cylinder'
import { partsOf } from '#core/cylinder/gas'
import { settlingMinutes } from '#core/cylinder/settling'
import { shopDayOf } from '#core/time/shop-day'
import { TAG_PATTERN, tagIdOf } from '#core/ids/tag'
import { cylinderWords } from '~/words/cylinder-words'
import type { CylindersReading, PlaceReading } from '#shared/contract/readings'
import { gasPages } from '~/words/gas'

const says = gasPages.receive

/** A cylinder comes in: what it is, how it travelled, where it goes. */
const { places, here } = defineProps<{ places: readonly PlaceReading[], here: CylindersReading['cylinders'] }>()
const facts = useFacts()
const clock = useClock()
const goOn = useGoOn()
const today = computed(() => shopDayOf(clock.nowMs.value, facts.site.timeZone, facts.rules.shopDayHour))
const tag = ref('')
const marks = ref<CylinderMarks | null>(null)
const spot = ref<CylinderCommands['cylinder.place'] | null>(null)
const travelled = ref<'' | 'upright' | 'lying' | 'unknown'>('')
const lyingMin = ref<number | undefined>()
const tagWrong = computed(() => tag.value === '' || TAG_PATTERN.test(tagIdOf(tag.value)) ? '' : says.lettersDigitsAndHyphensAt)
const mustSettle = computed(() => marks.value !== null && partsOf(marks.value.gas).some(({ gas }) => gas === 'acetylene'))
const lay = computed(() =>
  !mustSettle.value || travelled.value === 'upright'
    ? null
    : travelled.value === 'unknown'
      ? { lyingMin: null }
      : { lyingMin: lyingMin.value ?? null },
)
const waits = computed(() => marks.value && lay.value ? settlingMinutes(marks.value.gas, lay.value.lyingMin, facts.rules.settlingRule) : 0)
const asked = computed(() => ({ ...marks.value, lay: lay.value, place: spot.value }))
const { act, said, isRefused, busy } = useSenderTo(() => `cylinder/${tagIdOf(tag.value)}`)
const minutes = { unit: 'min', step: 5, toShown: (si: number) => si, fromShown: (shown: number) => shown }

async function receive() {
  if (!marks.value || !spot.value) return
  const sent = await act('cylinder.receive', { ...marks.value, lay: lay.value, place: spot.value })
  if (sent.ok) await goOn(`/gas/${tagIdOf(tag.value)}`)
}
const TRAVELLED = ['upright', 'lying', 'unknown'] as const
const travelWords = computed(() => ({ upright: says.itStoodAllTheWay, lying: says.itLay, unknown: says.nobodyKnows }))
</script>

<template>
  <FrameForm class="receive" of="cylinder.receive" :payload="asked" :busy="busy" @send="receive">
    <h2>{{ says.aCylinderComesIn }}</h2>
    <p v-if="places.length === 0" class="said">
      {{ says.describeAPlaceFirstWhere }}
    </p>
    <FrameText
      v-model="tag"
      :label="says.tag"
      :wrong="tagWrong"
      :lacks="tagWrong"
      :hint="says.asOnTheCylinderCapitals"
      :ui="{ base: 'tag' }"
      autocapitalize="characters"
      spellcheck="false"
      maxlength="24"
      is-needed
    />
    <CylinderMarksForm v-model="marks" :today="today" />
    <template v-if="mustSettle">
      <FrameChoice v-model="travelled" :label="says.howDidItTravel" :ids="TRAVELLED" :named="id => travelWords[id]" is-needed />
      <FrameNumber
        v-if="travelled === 'lying'"
        v-model="lyingMin"
        :label="says.forHowLong"
        :unit="minutes"
        :limits="{ min: 0, max: 1000000 }"
      />
      <p v-if="waits > 0" class="said" aria-live="polite">
        {{ says.itThenStandsForBefore(waits >= 120 ? `${Math.round(waits / 6) / 10} h` : `${waits} min`, cylinderWords.settlingRules[facts.rules.settlingRule]) }}
      </p>
    </template>
    <h3>{{ says.whereDoesItGo }}</h3>
    <CylinderSpot v-if="places.length > 0" v-model="spot" :places="places" :others="here" :self="null" />
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.received }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.receive { display: grid; gap: var(--space-5); }
:deep(.tag) { font-size: var(--type-big); text-transform: uppercase; }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
</style>
