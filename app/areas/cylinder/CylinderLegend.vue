<script setup lang="ts">
import { gasPages } from '~/words/gas'

const says = gasPages.legend

/** What stands beside the store while nothing is opened: how to read it. */
const MARKS = [
  [says.fuel, 'M 2 22 L 22 2 L 42 22 L 22 42 Z'],
  [says.oxygenOrFeedsAFire, 'M 2 22 H 42 M 22 2 V 42'],
  [says.neither, ''],
] as const
</script>

<template>
  <div class="legend">
    <ul>
      <li v-for="[name, path] in MARKS" :key="name">
        <svg width="44" height="44" viewBox="0 0 44 44" aria-hidden="true"><circle
          cx="22"
          cy="22"
          r="20"
          fill="none"
          stroke="var(--ink)"
          stroke-width="3"
        /><path v-if="path" :d="path" fill="none" stroke="var(--ink)" stroke-width="3" /></svg>
        {{ name }}
      </li>
    </ul>
    <p>{{ says.aBrokenLineJoinsTwo }}</p>
    <p>{{ says.whatIsLeftIsThe }}</p>
    <p class="soft">
      {{ says.zonarisAdvisesYourSupplierYour }}
    </p>
  </div>
</template>

<style scoped>
.legend { display: grid; gap: var(--space-5); align-content: start; }
li { display: flex; align-items: center; gap: var(--space-6); border-bottom: var(--line-thin) solid var(--rule); padding: var(--space-2) 0; }
</style>
