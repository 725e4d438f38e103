<script setup lang="ts">
import type { RuleSetAnswer, ShadeAnswer } from '#core/shade/shade-question'
import { ruleSetsInForce } from '#core/shade/required-shade'
import { shadeRulesOf } from '#core/streams/house-rules/house-rules'
import type { TableColumnOf } from '~/frame/table'
import { stationPages } from '~/words/station'

const says = stationPages.shade

/** The shade to start at, large; every school beside it, the one that binds in heavy print. */
const { answer } = defineProps<{ answer: ShadeAnswer }>()
const facts = useFacts()
const q = useQuantities()
const inForce = computed(() => ruleSetsInForce(shadeRulesOf(facts.rules)))

const range = ({ suggested }: RuleSetAnswer): string =>
  suggested === null
    ? ''
    : suggested[0] === suggested[1]
      ? q.value.shade(suggested[1])
      : says.to(q.value.shade(suggested[0]), q.value.shade(suggested[1]))

const columns = computed<readonly TableColumnOf<RuleSetAnswer>[]>(() => [
  {
    id: 'school',
    header: says.school,
    isHeard: true,
    said: ({ ruleSet }) => `${words.ruleSets[ruleSet]} ${ruleSet === answer.bindingRuleSet ? says.binds2 : ''}`.trim(),
  },
  {
    id: 'lowest',
    header: says.lowest,
    said: ({ minimum }) => minimum === null ? '–' : q.value.shade(minimum),
    look: 'print',
    place: 'whole',
  },
  { id: 'start', header: says.start, said: school => range(school) || '–', look: 'print', place: 'whole' },
])
</script>

<template>
  <div class="shade">
    <p class="num">
      <small>{{ answer.start === null ? says.shade : says.startAtShade }}</small>
      <span class="print">{{ answer.start === null ? '–' : q.shade(answer.start) }}</span>
    </p>
    <FrameTable
      class="schools"
      is-figures
      :columns="columns"
      :rows="answer.ruleSets"
      :name="says.whatEachRuleSetSays"
      :key-of="({ ruleSet }) => ruleSet"
      :row-class="({ ruleSet }) => ruleSet === answer.bindingRuleSet ? 'binds' : inForce.has(ruleSet) ? '' : 'soft'"
    />
  </div>
</template>

<style scoped>
.shade {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr);
  gap: var(--space-6);
  align-items: start;
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
.num {
  font-size: var(--type-clock);
  line-height: 0.9;
  font-weight: 900;
  letter-spacing: -0.04em;
}
.num small {
  display: block;
  font-size: var(--type-fine);
  font-weight: 650;
  color: var(--soft);
  letter-spacing: 0;
  line-height: 1.2;
  margin-bottom: var(--space-3);
}
.schools { font-size: var(--type-small); }
.schools :deep(th), .schools :deep(td) { padding: var(--line-thin) var(--space-3) var(--line-thin) 0; line-height: 1.3; border-bottom: var(--line-thin) solid var(--rule); }
.schools :deep(th) { font-size: var(--type-fine); line-height: 1.1; }
.schools :deep(th + th), .schools :deep(td + td) { text-align: right; padding: var(--line-thin) 0 var(--line-thin) var(--space-5); }
.schools :deep(.binds td) { font-weight: 850; color: var(--ink); }
@media (max-width: 420px) {
  .shade {
    grid-template-columns: 92px minmax(0, 1fr);
    gap: var(--space-4);
  }
}
</style>
