<script setup lang="ts">
import type { ExposureJudgement, LimitUse } from '#core/exposure/judge-exposure'
import type { ExposureRuleSetId, SubstanceId } from '#core/ids/vocabulary'
import { EXPOSURE_RULE_SETS, SUBSTANCES } from '#core/ids/vocabulary'
import { citation } from '~/words/citation'
import type { TableColumnOf } from '~/frame/table'
import { airPages } from '~/words/air'

const says = airPages.limits

/** Every substance against every rule set: the hardest use of each; those that bind here stand out; sources underneath. */
const { exposure } = defineProps<{ exposure: ExposureJudgement }>()
const q = useQuantities()

const binding = computed(() => new Set(exposure.uses.filter(({ binds }) => binds).map(({ limit }) => limit.ruleSet)))
/** Uses are sorted hardest first: the first of a cell is its hardest. */
const cells = computed(() => {
  const table = new Map<SubstanceId, Map<ExposureRuleSetId, LimitUse>>()
  for (const use of exposure.uses) {
    const row = table.get(use.limit.substance) ?? new Map<ExposureRuleSetId, LimitUse>()
    table.set(use.limit.substance, row)
    if (!row.has(use.limit.ruleSet)) row.set(use.limit.ruleSet, use)
  }
  return table
})
const rows = computed(() => SUBSTANCES.flatMap(id => cells.value.has(id) ? [{ id, uses: cells.value.get(id)! }] : []))
const sources = computed(() => [
  ...new Set(
    [...cells.value.values()].flatMap(row =>
      [...row.values()].map(
        ({ limit }) =>
          `${words.exposureRuleSets[limit.ruleSet]}, ${words.substances[limit.substance]} ${q.value.limit(limit.valueMgPerM3)} ${words.limitKinds[limit.kind]}${limit.sampled ? ` (${words.sampledFractions[limit.sampled]})` : ''}: ${citation(limit.source)}`,
      ),
    ),
  ),
])

interface Row { readonly id: SubstanceId, readonly uses: ReadonlyMap<ExposureRuleSetId, LimitUse> }
const columns = computed<readonly TableColumnOf<Row>[]>(() => [
  { id: 'substance', header: says.substance, said: ({ id }) => words.substances[id], look: 'named' },
  ...EXPOSURE_RULE_SETS.map((ruleSet): TableColumnOf<Row> => ({
    id: ruleSet,
    header: words.exposureRuleSetsShort[ruleSet],
    mark: binding.value.has(ruleSet) ? 'binds' : '',
    marks: () => binding.value.has(ruleSet) ? 'binds' : '',
  })),
])
</script>

<template>
  <section class="limits" :aria-label="says.limitsByRuleSet">
    <h3>{{ says.everySchoolsLimits }}</h3>
    <p class="soft">
      {{ says.howMuchOfEachLimit }}
      <template v-if="exposure.mixture">
        {{ (exposure.mixture.span === 'shift' ? says.addsUpTo : says.addsUpToInShortTime)(
          words.mixtureGroups[exposure.mixture.group].charAt(0).toUpperCase() + words.mixtureGroups[exposure.mixture.group].slice(1),
          q.part(exposure.mixture.fraction),
          words.exposureRuleSets[exposure.mixture.ruleSet],
        ) }}
      </template>
    </p>
    <div class="scroll" tabindex="0" role="region" :aria-label="says.tableOfLimits">
      <FrameTable class="matrix" is-figures :columns="columns" :rows="rows" :name="says.tableOfLimits" :key-of="substance => substance.id">
        <template v-for="ruleSet in EXPOSURE_RULE_SETS" :key="ruleSet" #[ruleSet]="{ row }">
          <template v-if="row.uses.get(ruleSet)">
            <b>{{ q.part(row.uses.get(ruleSet)!.fraction) }}</b>
            <small>{{ says.of(q.limit(row.uses.get(ruleSet)!.limit.valueMgPerM3)) }}</small>
            <small
              v-if="row.uses.get(ruleSet)!.limit.kind !== 'twa'"
            >{{ row.uses.get(ruleSet)!.limit.kind === 'ceiling' ? says.ceiling : says.in15Min }}</small>
          </template>
          <template v-else>
            –
          </template>
        </template>
      </FrameTable>
    </div>
    <details>
      <summary>{{ says.whereEachLimitComesFrom }}</summary>
      <ul class="sources">
        <li v-for="source in sources" :key="source">
          {{ source }}
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.limits {
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-4);
}
.scroll {
  overflow-x: auto;
}
.matrix :deep(table) { font-variant-numeric: tabular-nums; }
.matrix :deep(th) { padding: var(--space-3) var(--space-4) var(--space-3) 0; vertical-align: bottom; }
.matrix :deep(th.binds) { color: var(--ink); font-weight: 900; text-decoration: underline; text-underline-offset: 4px; text-decoration-thickness: 2px; }
.matrix :deep(td) {
  padding: var(--space-3) var(--space-3) var(--space-3) 0; font-size: var(--type-small); color: var(--soft); white-space: nowrap; line-height: 1.15;
  vertical-align: top;
}
.matrix :deep(td b) { font-weight: 550; }
.matrix :deep(td.binds) { color: var(--ink); }
.matrix :deep(td.binds b) { font-weight: 850; }
.matrix :deep(td small) { display: block; font-size: var(--type-fine); }
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 700;
}
.sources {
  display: grid;
  gap: var(--space-3);
  font-size: var(--type-fine);
}
</style>
