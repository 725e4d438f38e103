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
const router = useRouter()
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
const isComplete = computed(
  () =>
    marks.value !== null
    && spot.value !== null
    && TAG_PATTERN.test(tagIdOf(tag.value))
    && (!mustSettle.value
      || travelled.value === 'upright'
      || travelled.value === 'unknown'
      || (travelled.value === 'lying' && lyingMin.value !== undefined)),
)
const { act, said, isRefused, busy } = useSenderTo(() => `cylinder/${tagIdOf(tag.value)}`)
const minutes = { unit: 'min', step: 5, toShown: (si: number) => si, fromShown: (shown: number) => shown }

async function receive() {
  if (!marks.value || !spot.value || !isComplete.value) return
  const sent = await act('cylinder.receive', { ...marks.value, lay: lay.value, place: spot.value })
  if (sent.ok) await router.push(`/gas/${tagIdOf(tag.value)}`)
}
const TRAVELLED = [['upright', says.itStoodAllTheWay], ['lying', says.itLay], ['unknown', says.nobodyKnows]] as const
</script>

<template>
  <form class="receive" @submit.prevent="receive">
    <h2>{{ says.aCylinderComesIn }}</h2>
    <p v-if="places.length === 0" class="said">
      {{ says.describeAPlaceFirstWhere }}
    </p>
    <FrameField v-slot="{ id, describedBy }" :label="says.tag" :wrong="tagWrong" :hint="says.asOnTheCylinderCapitals">
      <UInput
        :id="id"
        v-model="tag"
        :ui="{ base: 'tag' }"
        autocapitalize="characters"
        spellcheck="false"
        maxlength="24"
        :aria-describedby="describedBy"
        :aria-invalid="tagWrong !== ''"
      />
    </FrameField>
    <CylinderMarksForm v-model="marks" :today="today" />
    <template v-if="mustSettle">
      <h3>{{ says.howDidItTravel }}</h3>
      <div class="keys">
        <FrameKey
          v-for="[id, name] in TRAVELLED"
          :key="id"
          :picked="travelled === id"
          @click="travelled = id"
        >
          {{ name }}
        </FrameKey>
      </div>
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
    <FrameKey look="go" type="submit" :disabled="!isComplete || busy">
      {{ says.received }}
    </FrameKey>
  </form>
</template>

<style scoped>
.receive { display: grid; gap: 10px; }
:deep(.tag) { font-size: 22px; text-transform: uppercase; }
h3 { font-size: 18px; border-top: 2px solid var(--ink); padding-top: 8px; }
</style>
