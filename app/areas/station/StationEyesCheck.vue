<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import { shownTag, tagIdOf } from '#core/ids/tag'
import { addedByTint } from '#core/shade/shade-number'
import { stands } from '#core/time/instant'
import { helpingNow } from '#core/job/helping'
import type { Placed } from '~/stores/judged'
import type { GlassesKind, HelmetFault } from '#core/ids/station-ids'
import { GLASSES, HELMET_FAULTS } from '#core/ids/station-ids'
import { stationPages } from '~/words/station'

const says = stationPages.eyesCheck

/** Shade set, helmet checked, glasses looked at: three taps at the door. */
const { placed } = defineProps<{ placed: Placed }>()
defineEmits<{ because: [] }>()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))

const shade = computed(() => placed.verdict.shade)
const clock = useClock()
const now = computed(() => new Date(Math.floor(clock.nowMs.value / 10_000) * 10_000).toISOString())
const gate = computed(() => placed.verdict.byId.eyes)
const helmetCheck = computed(() =>
  placed.station.helmetCheck && stands(placed.station.helmetCheck.validUntil, now.value) ? placed.station.helmetCheck : null,
)
const glasses = computed(() =>
  placed.station.glasses && stands(placed.station.glasses.validUntil, now.value) ? placed.station.glasses : null,
)
/** Who helps here sees the same light. */
const helping = computed(() => helpingNow(placed.station.helpers, now.value))
const nameOf = (personId: string): string => lookup.names.get(personId) ?? personId
/** Keys around the answer: from the minimum to the start and one darker; others are typed. */
const shades = computed(() => {
  const low = Math.max(2, (shade.value?.minimum ?? 9) - 1)
  const high = Math.max(low + 4, shade.value?.start ?? 0)
  return Array.from({ length: high - low + 1 }, (_, i) => low + i)
})
/** A helmet with a tag says its own range, and its looks are kept with it. */
const helmets = computed(() => judged.viewAt(placed.bay).forPerson(placed.station.personId).worn.filter(({ kind }) => kind === 'helmet'))
/** Which of several is on the head: a shade is said of that one. */
const worn = ref(wornHelmet(helmets.value, placed.station.helmet?.tag) ?? '')
const set = (one: number) => {
  // Of one that went back meanwhile nothing is said.
  const tag = wornHelmet(helmets.value, worn.value)
  return act('station.set-helmet', { shade: one, ...tag ? { tag } : {} })
}
const other = ref('')
const TINTS: readonly number[] = [0.5, 0.2, 0.15, 0.1, 0.08]
const askTint = ref(false)
/** Tint adds to the shade that is seen, and never counts for it. */
const looksLike = computed(() => {
  const [set, through] = [placed.station.helmet?.shade, glasses.value?.transmittance]
  return set === undefined || through === undefined
    ? ''
    : says.looksLike(Math.round(through * 100), q.value.shade(set), q.value.shade(Math.floor((set + addedByTint(through)) * 10) / 10))
})
const otherWrong = ref('')
const setOther = () => {
  const value = Number(other.value.replace(',', '.'))
  otherWrong.value = value >= 1.2 && value <= 16 ? '' : says.aShadeFrom12
  if (!otherWrong.value) void set(value)
}
const checkGlasses = (kind: GlassesKind, transmittance?: number) => {
  askTint.value = kind === 'tinted' && transmittance === undefined
  return act('station.check-glasses', transmittance === undefined ? { kind } : { kind, transmittance })
}
const fail = (fault: HelmetFault) => act('station.check-helmet', { passed: false, fault })
</script>

<template>
  <section class="check" :aria-label="says.eyes">
    <StationPanelHead :gate="gate" @because="$emit('because')" />
    <p v-if="shade?.minimum != null" class="need">
      {{ says.startAt }} <b class="print">{{ q.shade(shade.start!) }}</b>{{ says.neverUnder }} <b class="print">{{ q.shade(shade.minimum) }}</b>.
    </p>
    <FrameRefused :says="refused" />
    <template v-if="shade?.minimum != null && helmets.length > 0">
      <h4>{{ says.their(helmets.length === 1 ? says.helmet : says.helmets) }}</h4>
      <NuxtLink v-for="helmet in helmets" :key="helmet.tag" class="key helmet" :to="`/kit/${helmet.tag.toLowerCase()}`">
        <b>{{ helmet.tag }}</b> {{ helmet.name }} <span class="print">{{ helmet.marks.shadeBands?.map(([from, to]) => from === to ? q.shade(from) : says.to(q.shade(from), q.shade(to))).join(', ') ?? says.shadesNotWrittenDown }}</span>
        <span :class="helmet.mayUse ? 'state-open' : 'state-hold'">{{ helmet.mayUse ? says.lookedAt : says.toLookAt }}</span>
      </NuxtLink>
    </template>
    <template v-if="shade?.minimum != null">
      <FrameChoice
        v-if="helmets.length > 1"
        v-model="worn"
        :label="says.whichIsWorn"
        :ids="helmets.map(({ tag }) => tagIdOf(tag))"
        :named="shownTag"
      />
      <h4 id="shade-set">
        {{ helmets.length > 0 ? says.setOnTheirs : says.shadeSetOnTheHelmet }}
        <span class="chalk">{{ placed.station.helmet ? q.shade(placed.station.helmet.shade) : '' }}</span>
      </h4>
      <div class="keys" role="group" aria-labelledby="shade-set">
        <FrameKey
          v-for="one in shades"
          :key="one"
          :picked="placed.station.helmet?.shade === one"
          class="num"
          @click="set(one)"
        >
          {{ one }}
        </FrameKey>
        <FrameForm class="other" @send="setOther">
          <label class="visually-hidden" for="other-shade">{{ says.anotherShade }}</label>
          <UInput id="other-shade" v-model="other" inputmode="decimal" :placeholder="says.other" />
          <FrameKey type="submit">
            {{ says.set }}
          </FrameKey>
        </FrameForm>
      </div>
      <p v-if="otherWrong" class="said" role="alert">
        {{ otherWrong }}
      </p>
    </template>
    <NuxtLink
      v-if="shade?.minimum != null && placed.station.personId"
      class="key find"
      :to="{ path: $route.path, query: { do: 'darkest' } }"
    >
      {{ says.findTheShade }}
    </NuxtLink>
    <template v-if="shade?.minimum != null && helmets.length === 0">
      <h4>
        {{ says.helmetCheckedToday }} <span
          v-if="helmetCheck"
          class="chalk"
        >{{ helmetCheck.passed ? says.itPassed : helmetCheck.fault ? words.helmetFaults[helmetCheck.fault] : says.itFailed }}</span>
      </h4>
      <p class="hint">
        {{ says.aFlameTestProvesThe }}
      </p>
      <div class="keys">
        <FrameKey
          :picked="helmetCheck?.passed === true"
          @click="act('station.check-helmet', { passed: true })"
        >
          {{ says.passed }}
        </FrameKey>
        <FrameKey
          v-for="fault in HELMET_FAULTS"
          :key="fault"
          :picked="helmetCheck?.fault === fault"
          @click="fail(fault)"
        >
          {{ words.helmetFaults[fault] }}
        </FrameKey>
      </div>
    </template>
    <h4>
      {{ says.glassesUnderIt }} <span
        v-if="glasses"
        class="chalk"
      >{{ words.glasses[glasses.kind] }}{{ glasses.transmittance ? says.light(Math.round(glasses.transmittance * 100)) : '' }}</span>
    </h4>
    <div class="keys">
      <FrameKey
        v-for="kind in GLASSES"
        :key="kind"
        :picked="glasses?.kind === kind"
        @click="checkGlasses(kind)"
      >
        {{ words.glasses[kind] }}
      </FrameKey>
    </div>
    <template v-if="askTint || glasses?.kind === 'tinted'">
      <p class="hint">
        {{ says.howMuchLightDoThey }}
      </p>
      <div class="keys">
        <FrameKey
          v-for="tint in TINTS"
          :key="tint"
          :picked="glasses?.transmittance === tint"
          @click="checkGlasses('tinted', tint)"
        >
          {{ Math.round(tint * 100) }} %
        </FrameKey>
      </div>
    </template>
    <p v-if="looksLike" class="hint">
      {{ looksLike }}
    </p>
    <template v-for="one in helping" :key="one.personId">
      <h4>{{ says.helps(nameOf(one.personId)) }}</h4>
      <LazyStationHelperEyes :placed="placed" :helping="one" :name="nameOf(one.personId)" />
    </template>
    <LazyStationGlassesMarks />
    <LazyStationRack v-if="shade?.minimum != null && placed.station.personId" :placed="placed" />
    <LazyStationInSight v-if="shade?.minimum != null" :placed="placed" />
    <ul class="findings">
      <li v-for="(finding, index) in gate.findings" :key="index" class="said" :class="{ 'is-stop': finding.severity === 'stop' }">
        {{ lookup.say(finding).message }} <b>{{ lookup.say(finding).todo }}</b>
      </li>
      <li v-if="gate.findings.length === 0" class="said is-open">
        {{ says.shadeHelmetAndGlassesPass }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.check {
  display: grid;
  gap: var(--space-4);
}
h4 {
  font-weight: 750;
  margin-top: var(--space-3);
}
h4 .chalk {
  margin-left: var(--space-4);
}
.need b {
  font-size: var(--type-big);
  font-weight: 900;
}
.num {
  font-size: var(--type-big);
  font-weight: 850;
}
.hint {
  color: var(--soft);
  font-size: var(--type-small);
}
.helmet {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: center;
  text-align: left;
  text-decoration: none;
  font-weight: 600;
}
.helmet > :last-child {
  margin-left: auto;
}
.find {
  display: grid;
  place-items: center;
  justify-self: start;
  padding: 0 var(--space-6);
}
.other {
  display: flex;
  gap: var(--space-4);
}
.other :deep(input) {
  width: 84px;
  min-height: 56px;
  padding: 0 var(--space-5);
  border: var(--line-rule) solid var(--strong-rule);
  background: none;
  color: var(--chalk);
  font: inherit;
  font-weight: 700;
}
.findings {
  display: grid;
  gap: var(--space-3);
  margin-top: var(--space-3);
}
.findings .said {
  background: var(--bg);
}
</style>
