<script setup lang="ts">
import { hallIdOf } from '#core/air/air-facts'
import { stationStream } from '#core/ids/streams'
import type { OutfitRequirement } from '#core/ppe/required-outfit'
import type { Placed } from '~/stores/judged'
import { requirementLine } from '#shared/words/requirement-line'
import { stationPages } from '~/words/station'

const says = stationPages.bodyCheck

/** The outfit from head to foot, gone through at the door. */
const { placed } = defineProps<{ placed: Placed }>()
defineEmits<{ because: [] }>()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))

/** A tick is asked for where nothing was told of clothes; what was told is judged, and no tick passes what it fails. */
const SAID = { 'passes': 'passes', 'fails': 'fails', 'to-check': null, 'changed': null } as const
const facts = useFacts()
/** The hall that this bay stands in. */
const halls = computed(() => facts.site.halls.filter(({ hallId }) => hallId === hallIdOf(facts.site, placed.bay.bayId)))
const lines = computed(() => placed.verdict.outfit.map(line => ({ ...line, said: SAID[line.standing], isTold: line.garments !== null })))
const gate = computed(() => placed.verdict.byId.body)
/** What no zone says: the heat and the noise of the day. */
const OF_THE_DAY: ReadonlySet<string> = new Set(['body.heat-rest', 'body.too-hot', 'body.heat-old', 'body.too-loud', 'body.noise-of-day'])
const ofTheDay = computed(() => gate.value.findings.filter(({ code }) => OF_THE_DAY.has(code)))
const rest = computed(() => lines.value.filter(({ said }) => said === null))
const say = (line: OutfitRequirement, passes: boolean) =>
  act('station.check-outfit', { zones: [{ zone: line.zone, requirement: line.requirement, passes }] })
const restPasses = () =>
  act('station.check-outfit', { zones: rest.value.map(({ zone, requirement }) => ({ zone, requirement, passes: true })) })
</script>

<template>
  <section class="check" :aria-label="says.body">
    <StationPanelHead :gate="gate" @because="$emit('because')" />
    <FrameRefused :says="refused" />
    <p v-if="placed.station.personId" class="to-door">
      <NuxtLink class="key go-to" :to="{ path: '/door', query: { who: placed.station.personId } }" prefetch-on="interaction">
        {{ says.tellWhatIsWorn }}
      </NuxtLink>
    </p>
    <CylinderFindings v-if="ofTheDay.length > 0" :findings="ofTheDay" />
    <StationHeat :halls="halls" />
    <FramePapers :name="says.bayCard" :to="`/api/v1/bays/${placed.bay.bayId}/card`" />
    <ul class="zones">
      <li v-for="line in lines" :key="line.zone">
        <p>
          <b>{{ words.zones[line.zone] }}</b>
          {{ requirementLine(words, line) }}
          <small class="soft">{{ line.reasons.map(reason => words.outfitReasons[reason]).join('; ') }}</small>
        </p>
        <p v-if="line.isTold" class="told" :class="line.said === 'fails' ? 'state-hold' : 'state-open'">
          {{ line.said === 'fails' ? says.wornFails : says.wornPasses }}
        </p>
        <div v-else class="pair" role="group" :aria-label="words.zones[line.zone]">
          <FrameKey
            :picked="line.said === 'passes'"
            @click="say(line, true)"
          >
            {{ says.passes }}
          </FrameKey>
          <FrameKey
            :picked="line.said === 'fails'"
            class="fails"
            @click="say(line, false)"
          >
            {{ says.fails }}
          </FrameKey>
        </div>
      </li>
    </ul>
    <div class="foot">
      <FrameKey look="go" :disabled="rest.length === 0" @click="restPasses">
        {{ rest.length === 0 ? says.everyZoneLookedAt : rest.length === lines.length ? says.everythingPasses : says.theOtherPass(
          rest.length,
        ) }}
      </FrameKey>
    </div>
  </section>
</template>

<style scoped>
.check {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
}
.zones li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-5);
  align-items: center;
  border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-3) 0;
}
.zones b {
  display: block;
  font-weight: 800;
}
.zones b::first-letter {
  text-transform: uppercase;
}
.zones p {
  line-height: 1.25;
}
small {
  display: block;
  font-size: var(--type-fine);
}
.go-to {
  display: grid;
  place-items: center;
  text-decoration: none;
}
.told {
  font-weight: 750;
}
.pair {
  display: flex;
  gap: var(--space-3);
}
.pair .key {
  padding: 0 var(--space-5);
  min-width: 68px;
}
.fails.picked {
  border-color: var(--hold);
  color: var(--hold);
}
.foot {
  position: sticky;
  bottom: calc(-1 * var(--space-6));
  background: var(--panel);
  padding: var(--space-4) 0 var(--space-6);
}
.foot .key {
  width: 100%;
}
@media (max-width: 900px) {
  .foot {
    bottom: 0;
  }
}
</style>
