<script setup lang="ts">
import type { GateId, ShadeRuleSetId } from '#core/ids/vocabulary'
import type { SourceId } from '#core/source/book'
import { requirementLine } from '#shared/words/requirement-line'
import { citation } from '~/words/citation'
import { speak } from '~/words/speak'
import { ruleSetsInForce } from '#core/shade/required-shade'
import { shadeRulesOf } from '#core/streams/house-rules/house-rules'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'

const says = stationPages.because

/** Why a gate answers as it does: findings, what went in with its inks, the other schools, the sources. */
const { placed, gate: gateId } = defineProps<{ placed: Placed, gate: GateId }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const gate = computed(() => placed.verdict.byId[gateId])
const parts = computed(() => placed.station.job ? jobParts(placed.station.job, q.value) : [])
const inForce = computed(() => ruleSetsInForce(shadeRulesOf(facts.rules)))
const pencilled = computed(() => parts.value.filter(({ ink }) => ink === 'pencil').length)

const sources = computed(() => {
  const all: SourceId[] = gate.value.findings.flatMap(({ sources }) => sources)
  if (gateId === 'eyes') all.push(...placed.verdict.shade?.ruleSets.map(({ source }) => source) ?? [])
  if (gateId === 'air') all.push(...placed.verdict.air.found.flatMap(({ sources }) => sources))
  if (gateId === 'body') all.push(...placed.verdict.outfit.flatMap(({ sources }) => sources))
  return [...new Set(all.map(citation))]
})
const forceOf = (ruleSet: ShadeRuleSetId): string => {
  if (ruleSet === placed.verdict.shade?.bindingRuleSet) return says.bindsHere
  return inForce.value.has(ruleSet) ? says.inForceNotDarker : says.notInForceHere
}
/** What a school suggests besides its minimum. */
function suggestedSaid(suggested: readonly [number, number] | null | undefined): string {
  if (!suggested) return ''
  const [from, to] = suggested.map(q.value.shade) as [string, string]
  return from === to ? says.suggests(to) : says.suggestsTo(from, to)
}
</script>

<template>
  <section class="because" :aria-label="says.because(words.gates[gateId])">
    <h3>
      <svg
        width="30"
        height="36"
        viewBox="-18 0 36 44"
        aria-hidden="true"
      ><GateMark :state="gate.state" /></svg> {{ says.because2(words.gates[gateId], words.gateStates[gate.state]) }}
    </h3>
    <ul class="findings">
      <li
        v-for="({ message, todo }, index) in lookup.sayAll(gate.findings)"
        :key="index"
        class="said"
        :class="{ 'is-stop': gate.findings[index]!.severity === 'stop' }"
      >
        {{ message }} <b>{{ todo }}</b>
      </li>
      <li v-if="gate.findings.length === 0" class="said is-open">
        {{ openedBy(placed, gateId, judged.viewAt(placed.bay), q) ?? says.nothingHoldsIt }}
      </li>
    </ul>
    <template v-if="parts.length > 0">
      <h4>{{ says.whatWentIn }}</h4>
      <p class="parts">
        <span v-for="{ field, text, ink } in parts" :key="field" :class="ink">{{ text }}</span>
        <span v-if="gateId === 'eyes' && placed.station.helmet" class="chalk">{{ says.helmetAt(q.shade(placed.station.helmet.shade)) }}</span>
      </p>
      <p v-if="pencilled > 0" class="soft">
        {{ says.inPencilTheVerdictRests(pencilled === 1 ? says.oneInputIs : says.inputsAre(pencilled)) }}
      </p>
    </template>
    <template v-if="gateId === 'eyes' && placed.verdict.shade">
      <h4>{{ says.whatTheSchoolsSay }}</h4>
      <ul class="schools">
        <li
          v-for="{ ruleSet, minimum, suggested, notes } in placed.verdict.shade.ruleSets"
          :key="ruleSet"
          :class="{ binds: ruleSet === placed.verdict.shade.bindingRuleSet }"
        >
          <b>{{ words.ruleSets[ruleSet] }}</b>
          <span
            class="print"
          >{{ minimum === null ? says.noMinimum : says.minimum(q.shade(minimum)) }}{{ suggestedSaid(suggested) }}</span>
          <span class="soft">{{ forceOf(ruleSet) }}</span>
          <small v-if="notes.length > 0">{{ notes.map(note => speak(note, facts.rules.units).message).join(' ') }}</small>
        </li>
      </ul>
    </template>
    <template v-if="gateId === 'body'">
      <h4>{{ says.whatEachZoneNeedsAnd }}</h4>
      <ul class="schools">
        <li v-for="line in placed.verdict.outfit" :key="line.zone">
          <b>{{ words.zones[line.zone] }}</b><span>{{ requirementLine(words, line) }}</span>
          <small>{{ line.reasons.map(reason => words.outfitReasons[reason]).join('; ') }}</small>
        </li>
      </ul>
    </template>
    <LazyStationAirBecause v-if="gateId === 'air'" :placed="placed" />
    <template v-if="sources.length > 0">
      <h4>{{ says.sources }}</h4>
      <ul class="sources">
        <li v-for="source in sources" :key="source">
          {{ source }}
        </li>
      </ul>
    </template>
    <p class="soft">
      {{ says.zonarisAdvisesYourLocalCode }}
    </p>
  </section>
</template>

<style scoped>
.because {
  display: grid;
  gap: var(--space-5);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
h3 {
  font-size: var(--type-head);
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
h4 {
  font-weight: 800;
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
.findings {
  display: grid;
  gap: var(--space-3);
}
.findings .said {
  background: var(--bg);
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-6);
}
.schools li {
  display: grid;
  grid-template-columns: 128px minmax(0, 1fr);
  gap: 0 var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.schools li > :nth-child(n + 3) {
  grid-column: 2;
}
.schools b {
  font-weight: 650;
}
.schools .binds b,
.schools .binds .print {
  font-weight: 900;
}
small {
  font-size: var(--type-fine);
  color: var(--soft);
}
.sources {
  display: grid;
  gap: var(--space-3);
  font-size: var(--type-small);
}
.sources li {
  border-left: var(--line-heavy) solid var(--rule);
  padding-left: var(--space-5);
}
</style>
