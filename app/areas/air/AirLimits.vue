<script setup lang="ts">
import type { ExposureJudgement, LimitUse } from '#core/exposure/judge-exposure'
import type { ExposureRuleSetId, SubstanceId } from '#core/ids/vocabulary'
import { EXPOSURE_RULE_SETS, SUBSTANCES } from '#core/ids/vocabulary'
import { citation } from '~/words/speak'
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
const rows = computed(() => SUBSTANCES.filter(substance => cells.value.has(substance)))
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
</script>

<template>
  <section class="limits" :aria-label="says.limitsByRuleSet">
    <h3>{{ says.everySchoolsLimits }}</h3>
    <p class="soft">
      {{ says.howMuchOfEachLimit }}
      <template v-if="exposure.mixture">
        {{ says.addsUpTo(
          words.mixtureGroups[exposure.mixture.group].charAt(0).toUpperCase() + words.mixtureGroups[exposure.mixture.group].slice(1),
          q.part(exposure.mixture.fraction),
          words.exposureRuleSets[exposure.mixture.ruleSet],
        ) }}
      </template>
    </p>
    <div class="scroll" tabindex="0" role="region" :aria-label="says.tableOfLimits">
      <table>
        <thead>
          <tr>
            <th scope="col">
              {{ says.substance }}
            </th>
            <th v-for="ruleSet in EXPOSURE_RULE_SETS" :key="ruleSet" scope="col" :class="{ binds: binding.has(ruleSet) }">
              {{ words.exposureRuleSetsShort[ruleSet] }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="substance in rows" :key="substance">
            <th scope="row">
              {{ words.substances[substance] }}
            </th>
            <td v-for="ruleSet in EXPOSURE_RULE_SETS" :key="ruleSet" :class="{ binds: binding.has(ruleSet) }">
              <template v-if="cells.get(substance)!.get(ruleSet)">
                <b>{{ q.part(cells.get(substance)!.get(ruleSet)!.fraction) }}</b>
                <small>{{ says.of(q.limit(cells.get(substance)!.get(ruleSet)!.limit.valueMgPerM3)) }}</small>
                <small
                  v-if="cells.get(substance)!.get(ruleSet)!.limit.kind !== 'twa'"
                >{{ cells.get(substance)!.get(ruleSet)!.limit.kind === 'ceiling' ? says.ceiling : says.in15Min }}</small>
              </template>
              <template v-else>
                –
              </template>
            </td>
          </tr>
        </tbody>
      </table>
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
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 8px;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
  font-variant-numeric: tabular-nums;
}
th {
  text-align: left;
  font-weight: 650;
  padding: 6px 8px 6px 0;
  font-size: 15px;
  vertical-align: bottom;
}
thead th {
  border-bottom: 2px solid var(--ink);
  color: var(--soft);
}
thead th.binds {
  color: var(--ink);
  font-weight: 900;
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 2px;
}
td {
  padding: 6px 6px 6px 0;
  font-size: 15px;
  border-bottom: 1px solid var(--rule);
  color: var(--soft);
  white-space: nowrap;
  line-height: 1.15;
}
tbody th {
  border-bottom: 1px solid var(--rule);
  vertical-align: top;
}
td {
  vertical-align: top;
}
td b {
  font-weight: 550;
}
td.binds {
  color: var(--ink);
}
td.binds b {
  font-weight: 850;
}
td small {
  display: block;
  font-size: 13px;
}
summary {
  min-height: 44px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 700;
}
.sources {
  display: grid;
  gap: 6px;
  font-size: 14px;
}
</style>
