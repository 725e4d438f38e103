<script setup lang="ts">
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'

const says = stationPages.airBecause

/** What the Air gate rests on: the limits that bind, the hood, today's check, and what would help. */
const { placed } = defineProps<{ placed: Placed }>()
const facts = useFacts()
const lookup = useLookup()
const q = useQuantities()
const air = computed(() => placed.verdict.air)
const binding = computed(() => air.value.exposure?.uses.filter(use => use.binds).slice(0, 6) ?? [])
/** What explains and is not said at the gate already. */
const notes = computed(() => {
  const said = new Set(placed.verdict.byId.air.findings.map(({ code }) => code))
  return air.value.found.filter(({ severity, code }) => severity === 'note' && !said.has(code))
})
const best = useBestAdvice(() => placed.bay.bayId)
</script>

<template>
  <template v-if="binding.length > 0">
    <h4>{{ says.ofTheLimitsThatBind }}</h4>
    <ul class="uses">
      <li v-for="({ limit, mgPerM3, fraction }, index) in binding" :key="index">
        <b>{{ words.substances[limit.substance] }}</b>
        <AirTemper :fraction="fraction" :action="facts.rules.actionFraction" />
        <span class="print">{{ q.part(fraction) }}</span>
        <small>{{ says.upToAgainst(
          q.concentration(mgPerM3),
          words.limitKinds[limit.kind],
          q.limit(limit.valueMgPerM3),
          words.exposureRuleSets[limit.ruleSet],
        ) }}</small>
      </li>
    </ul>
  </template>
  <p v-if="best">
    {{ says.bestFix }} <b>{{ best }}</b>
  </p>
  <h4>{{ says.saidBesides }}</h4>
  <ul class="notes">
    <li v-for="(note, index) in notes" :key="index">
      {{ lookup.say(note).message }}
    </li>
  </ul>
  <NuxtLink class="key link" :to="`/air/${placed.bay.bayId}`">
    {{ says.everyRuleSetTheHood }}
  </NuxtLink>
</template>

<style scoped>
h4 {
  font-weight: 800;
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
.uses li {
  display: grid;
  grid-template-columns: 128px minmax(0, 1fr) 84px;
  gap: 0 var(--space-5);
  align-items: center;
  padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.uses small {
  grid-column: 1 / -1;
  color: var(--soft);
  font-size: var(--type-fine);
}
.uses .print {
  text-align: right;
  font-weight: 800;
}
.notes {
  display: grid;
  gap: var(--space-3);
  font-size: var(--type-small);
}
.notes li {
  border-left: var(--line-heavy) solid var(--rule);
  padding-left: var(--space-5);
}
.link {
  display: grid;
  place-items: center;
}
</style>
