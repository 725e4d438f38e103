<script setup lang="ts">
import { stands } from '#core/time/instant'
import { extractionFault, HOOD_PLACEMENTS, needsPosition } from '#core/air/bay-air'
import type { HoodPosition } from '#core/air/bay-air'
import type { CommandPayloads } from '#core/streams/commands'
import type { StationCommands } from '#core/streams/station/decide-station'
import type { Placed } from '~/stores/judged'
import type { ExtractionFault } from '#core/ids/air-ids'
import { EXTRACTION_FAULTS } from '#core/ids/air-ids'
import { personStream, stationStream } from '#core/ids/streams'
import { stationPages } from '~/words/station'

const says = stationPages.airCheck

/** Where the hood stands, what today's look at the extraction found, and whether the mask will seal. */
const { placed } = defineProps<{ placed: Placed }>()
defineEmits<{ because: [] }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const units = useShopUnits()
const { send, refused } = useSender()
const act = <Type extends keyof StationCommands>(type: Type, payload: CommandPayloads[Type]) =>
  send(type, stationStream(placed.bay.bayId), payload)

const gate = computed(() => placed.verdict.byId.air)
const extraction = computed(() => judged.viewAt(placed.bay).air.extraction)
const position = computed(() => placed.station.hoodPosition)
const clock = useClock()
const now = computed(() => new Date(Math.floor(clock.nowMs.value / 10_000) * 10_000).toISOString())
const check = computed(() =>
  placed.station.extractionCheck && stands(placed.station.extractionCheck.validUntil, now.value) ? placed.station.extractionCheck : null,
)
const capture = computed(() => placed.verdict.air.prediction?.window ?? null)
const best = useBestAdvice(() => placed.bay.bayId)

const placement = ref<HoodPosition['placement']>(position.value?.placement ?? 'beside')
const distance = ref<number | undefined>(position.value?.distanceM)
watch(position, (now) => {
  placement.value = now?.placement ?? placement.value
  distance.value = now?.distanceM ?? distance.value
})
const usual = computed(() => facts.rules.units === 'us' ? [6, 8, 10, 12, 18, 20] : [15, 20, 25, 30, 45, 50])
const isMoved = computed(
  () => distance.value !== undefined && (distance.value !== position.value?.distanceM || placement.value !== position.value.placement),
)
const placeHood = () => act('station.place-hood', { placement: placement.value, distanceM: distance.value! })

const FOUND = {
  'off': { on: false },
  'damper-shut': { damperOpen: false },
  'out-of-position': { inPosition: false },
  'no-draw': { draws: false },
} as const satisfies Record<ExtractionFault, object>
const found = (fault: ExtractionFault | null) =>
  act('station.check-extraction', { on: true, damperOpen: true, inPosition: true, draws: true, ...(fault ? FOUND[fault] : {}) })
const faultSaid = computed(() => check.value && extractionFault(check.value))

const wearer = computed(() => judged.viewAt(placed.bay).forPerson(placed.station.personId).wearer)
const shaven = (isShaven: boolean) => send('person.check-shaven', personStream(placed.station.personId!), { isShaven })
</script>

<template>
  <section class="check" :aria-label="says.air">
    <StationPanelHead :gate="gate" @because="$emit('because')" />
    <FrameRefused :says="refused" />
    <ul class="findings">
      <li
        v-for="({ message, todo }, index) in lookup.sayAll(gate.findings.slice(0, 3))"
        :key="index"
        class="said"
        :class="{ 'is-stop': gate.state === 'stop', 'is-open': gate.state === 'open' }"
      >
        {{ message }} <b>{{ todo }}</b>
      </li>
    </ul>
    <p v-if="best" class="best">
      {{ says.bestFix }} <b>{{ best }}</b>
    </p>
    <NuxtLink class="key over" :to="`/air/${placed.bay.bayId}`">
      {{ says.seeTheWayOfThe }}
    </NuxtLink>
    <p v-if="extraction === undefined" class="hint">
      {{ says.whatExtractionThisBayHas }}
    </p>
    <p v-else-if="extraction === null" class="hint">
      {{ says.thisBayHasNoExtraction }}
    </p>
    <template v-else>
      <template v-if="needsPosition(extraction.kind)">
        <h4>
          {{ says.whereTheStands(words.extractionKinds[extraction.kind]) }} <span
            v-if="position"
            class="chalk"
          >{{ q.reach(position.distanceM) }} {{ words.placements[position.placement] }}</span>
        </h4>
        <p class="hint">
          {{ says.fromItsMouthToThe }} <template v-if="capture?.windowM && !isMoved">
            {{ says.itDoesFromTo(q.reach(capture.windowM[0]), q.reach(capture.windowM[1]), words.placements[placement]) }}
          </template>
        </p>
        <FrameChoice
          v-if="extraction.kind === 'arm' || extraction.kind === 'opening'"
          is-heard
          :label="says.whereTheHoodIs"
          :ids="HOOD_PLACEMENTS"
          :named="one => words.placements[one]"
          :model-value="placement"
          @update:model-value="$event !== '' && (placement = $event)"
        />
        <div class="keys">
          <FrameKey
            v-for="one in usual"
            :key="one"
            :picked="distance !== undefined && Math.abs(units.reach.toShown(distance) - one) < 0.05"
            class="num"
            @click="distance = units.reach.fromShown(one)"
          >
            {{ one }}
          </FrameKey>
        </div>
        <FrameNumber v-model="distance" :label="says.distance" :unit="units.reach" :limits="{ min: 0, max: 5 }" />
        <FrameKey look="go" :disabled="!isMoved" @click="placeHood">
          {{ isMoved ? says.itStands(q.reach(distance!), words.placements[placement]) : says.positionSet }}
        </FrameKey>
      </template>
      <h4>
        {{ says.lookedAtToday }} <span v-if="check" class="chalk">{{ faultSaid ? words.extractionFaults[faultSaid] : says.drawsAsItShould }}</span>
      </h4>
      <p class="hint">
        {{ says.isItOnItsDamper }}
      </p>
      <div class="keys">
        <FrameKey
          :picked="check !== null && !faultSaid"
          @click="found(null)"
        >
          {{ says.allFourItDraws }}
        </FrameKey>
        <FrameKey
          v-for="fault in EXTRACTION_FAULTS"
          :key="fault"
          :picked="faultSaid === fault"
          @click="found(fault)"
        >
          {{ words.extractionFaults[fault] }}
        </FrameKey>
      </div>
    </template>
    <template v-if="placed.station.personId">
      <h4>
        {{ says.maskOf(placed.personName ?? '') }} <span v-if="wearer" class="chalk">{{ words.masks[wearer.mask] }}</span>
      </h4>
      <p v-if="!wearer" class="hint">
        {{ says.noneWrittenDownTheSafety }}
      </p>
      <template v-else>
        <p class="hint">
          {{ says.aMaskSealsOnA }}
        </p>
        <div class="keys">
          <FrameKey
            :picked="wearer.isShaven === true"
            @click="shaven(true)"
          >
            {{ says.cleanShaven }}
          </FrameKey>
          <FrameKey
            :picked="wearer.isShaven === false"
            @click="shaven(false)"
          >
            {{ says.stubbleOrBeard }}
          </FrameKey>
        </div>
      </template>
    </template>
  </section>
</template>

<style scoped>
.check { display: grid; gap: var(--space-4); }
h4 { font-weight: 750; margin-top: var(--space-3); border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-4); }
h4 .chalk { margin-left: var(--space-4); }
.num { font-size: var(--type-head); font-weight: 850; }
.hint { color: var(--soft); font-size: var(--type-small); }
.best { font-size: var(--type-lead); }
.over { display: grid; place-items: center; }
.findings { display: grid; gap: var(--space-3); }
.findings .said { background: var(--bg); }
</style>
