<script setup lang="ts">
import type { StationVerdict } from '#core/clearance/assess-station'
import { stationPages } from '~/words/station'

const says = stationPages.jobCard

/** What a job asks for, worked out while it is set: the shade to start at, what to wear, what the hood of the bay makes of it. */
const { verdict, isAirKnown } = defineProps<{
  verdict: StationVerdict
  /** What is melted was said: before that the air says nothing. */
  isAirKnown: boolean
}>()
const lookup = useLookup()
const q = useQuantities()
const shadeSays = computed(() => {
  const { shade } = verdict
  if (!shade) return ''
  if (shade.minimum === null) return shade.findings[0] ? lookup.say(shade.findings[0]).message : says.noShadeIsNeeded
  return says.neverUnder(q.value.shade(shade.minimum), words.ruleSets[shade.bindingRuleSet!])
})
const gloves = computed(() => verdict.outfit.find(({ zone }) => zone === 'hands'))
const torso = computed(() => verdict.outfit.find(({ zone }) => zone === 'torso'))
const jobSays = computed(() => {
  const finding = verdict.byId.job.findings.find(({ code }) => code !== 'job.field-missing')
  return finding && finding.code !== 'job.not-set' ? lookup.say(finding).message : null
})
/** What only waits to be looked at at the door is left out. */
const airSays = computed(() => {
  const said
    = verdict.air.found.find(
      ({ code }) => code.startsWith('exposure.') || code.startsWith('fume.no') || code.startsWith('fume.coating-not'),
    ) ?? verdict.air.missing.find(({ code }) => code === 'fume.input-missing')
  return said && isAirKnown ? lookup.say(said).message : null
})
</script>

<template>
  <div class="answer" role="status">
    <p class="num print">
      {{ verdict.shade?.start == null ? '–' : q.shade(verdict.shade.start) }}
    </p>
    <p class="says">
      <b>{{ verdict.shade?.start == null ? says.shade : says.startAtThisShade }}</b> {{ shadeSays }}
      <span
        v-if="gloves && torso"
        class="soft"
      >{{ words.requirements[gloves.requirement] }}. {{ words.requirements[torso.requirement] }}.</span>
    </p>
  </div>
  <p v-if="jobSays" class="said">
    {{ jobSays }}
  </p>
  <p v-if="airSays" class="said" :class="{ 'is-open': verdict.byId.air.state === 'open' }">
    {{ says.air(airSays) }}
  </p>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: var(--space-6);
  align-items: center;
  position: sticky;
  top: calc(-1 * var(--space-6));
  z-index: 5;
  background: var(--panel);
  border-top: var(--line-rule) solid var(--ink);
  border-bottom: var(--line-rule) solid var(--ink);
  padding: var(--space-3) 0;
  min-height: 78px;
}
.num {
  font-size: var(--type-clock);
  line-height: 1;
  font-weight: 900;
  letter-spacing: -0.04em;
}
.says {
  line-height: 1.25;
  font-size: var(--type-small);
}
.says span {
  display: block;
}
@media (max-width: 900px) {
  .answer {
    top: 60px;
  }
}
</style>
