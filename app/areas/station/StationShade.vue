<script setup lang="ts">
import type { RuleSetAnswer, ShadeAnswer } from '#core/shade/shade-question'
import { ruleSetsInForce } from '#core/shade/required-shade'
import { shadeRulesOf } from '#core/streams/house-rules/house-rules'
import { stationPages } from '~/words/station'

const says = stationPages.shade

/**
 * The shade to start at, large; every school beside it, the one that binds in heavy print. In brief, the one that binds alone: the
 * others stand in the Because of Eyes.
 */
const { answer, brief = false } = defineProps<{ answer: ShadeAnswer, brief?: boolean }>()
const facts = useFacts()
const q = useQuantities()
const inForce = computed(() => ruleSetsInForce(shadeRulesOf(facts.rules)))

const binding = computed(() => answer.ruleSets.find(({ ruleSet }) => ruleSet === answer.bindingRuleSet) ?? null)

const range = ({ suggested }: RuleSetAnswer): string =>
  suggested === null
    ? ''
    : suggested[0] === suggested[1]
      ? q.value.shade(suggested[1])
      : says.to(q.value.shade(suggested[0]), q.value.shade(suggested[1]))
</script>

<template>
  <p v-if="brief" class="brief">
    <b class="print">{{ answer.start === null ? '–' : q.shade(answer.start) }}</b>
    <span>
      {{ answer.start === null ? says.noShadeKnown : says.startAtShade }}
      <small v-if="binding && binding.minimum !== null">
        {{ says.neverUnder }} <b class="print">{{ q.shade(binding.minimum) }}</b>{{ says.binds(words.ruleSets[binding.ruleSet]) }}
      </small>
    </span>
  </p>
  <div v-else class="shade">
    <p class="num">
      <small>{{ answer.start === null ? says.shade : says.startAtShade }}</small>
      <span class="print">{{ answer.start === null ? '–' : q.shade(answer.start) }}</span>
    </p>
    <table class="schools">
      <caption class="visually-hidden">
        {{ says.whatEachRuleSetSays }}
      </caption>
      <thead>
        <tr>
          <td /><th scope="col">
            {{ says.lowest }}
          </th><th scope="col">
            {{ says.start }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="school in answer.ruleSets"
          :key="school.ruleSet"
          :class="{ binds: school.ruleSet === answer.bindingRuleSet, out: !inForce.has(school.ruleSet) }"
        >
          <th scope="row">
            {{ words.ruleSets[school.ruleSet] }}<template v-if="school.ruleSet === answer.bindingRuleSet">
              {{ says.binds2 }}
            </template>
          </th>
          <td class="print">
            {{ school.minimum === null ? '–' : q.shade(school.minimum) }}
          </td>
          <td class="print">
            {{ range(school) || '–' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.shade {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr);
  gap: 12px;
  align-items: start;
  border-top: 2px solid var(--ink);
  padding-top: 8px;
}
.brief {
  display: flex;
  align-items: center;
  gap: 14px;
  border-top: 2px solid var(--ink);
  padding-top: 2px;
  font-weight: 650;
  line-height: 1.2;
}
.brief > b {
  font-size: 44px;
  line-height: 1;
  font-weight: 900;
  letter-spacing: -0.04em;
}
.brief small {
  display: block;
  font-size: 15px;
  font-weight: 550;
  color: var(--soft);
}
.num {
  font-size: 74px;
  line-height: 0.9;
  font-weight: 900;
  letter-spacing: -0.04em;
}
.num small {
  display: block;
  font-size: 14px;
  font-weight: 650;
  color: var(--soft);
  letter-spacing: 0;
  line-height: 1.2;
  margin-bottom: 6px;
}
.schools {
  width: 100%;
  border-collapse: collapse;
  font-size: 15px;
}
th {
  text-align: left;
  font-weight: 500;
  padding: 1px 6px 1px 0;
  line-height: 1.3;
}
td {
  text-align: right;
  white-space: nowrap;
  padding-left: 10px;
}
thead th {
  text-align: right;
  font-size: 13px;
  color: var(--soft);
  padding: 0 0 0 10px;
  font-weight: 600;
  line-height: 1.1;
}
tr {
  border-bottom: 1px solid var(--rule);
}
.out th,
.out td {
  color: var(--soft);
}
.binds th,
.binds td {
  font-weight: 850;
  color: var(--ink);
}
@media (max-width: 420px) {
  .shade {
    grid-template-columns: 92px minmax(0, 1fr);
    gap: 8px;
  }
  td {
    padding-left: 6px;
  }
}
</style>
