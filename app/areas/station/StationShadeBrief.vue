<script setup lang="ts">
import type { ShadeAnswer } from '#core/shade/shade-question'
import { stationPages } from '~/words/station'

const says = stationPages.shade

/** The shade to start at, and the school that binds: the others stand in the Because of Eyes. */
const { answer } = defineProps<{ answer: ShadeAnswer }>()
const q = useQuantities()

const binding = computed(() => answer.ruleSets.find(({ ruleSet }) => ruleSet === answer.bindingRuleSet) ?? null)
</script>

<template>
  <p class="brief">
    <b class="print">{{ answer.start === null ? '–' : q.shade(answer.start) }}</b>
    <span>
      {{ answer.start === null ? says.noShadeKnown : says.startAtShade }}
      <small v-if="binding && binding.minimum !== null">
        {{ says.neverUnder }} <b class="print">{{ q.shade(binding.minimum) }}</b>{{ says.binds(words.ruleSets[binding.ruleSet]) }}
      </small>
    </span>
  </p>
</template>

<style scoped>
.brief {
  display: flex;
  align-items: center;
  gap: var(--space-6);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-1);
  font-weight: 650;
  line-height: 1.2;
}
.brief > b {
  font-size: var(--type-great);
  line-height: 1;
  font-weight: 900;
  letter-spacing: -0.04em;
}
.brief small {
  display: block;
  font-size: var(--type-small);
  font-weight: 550;
  color: var(--soft);
}
</style>
