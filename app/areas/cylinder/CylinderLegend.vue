<script setup lang="ts">
/** What stands beside the store while nothing is opened: how to read it. */
const MARKS = [
  ['Fuel', 'M 2 22 L 22 2 L 42 22 L 22 42 Z'],
  ['Oxygen, or feeds a fire', 'M 2 22 H 42 M 22 2 V 42'],
  ['Neither', ''],
] as const
</script>

<template>
  <div class="legend">
    <h2>How to read the store</h2>
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
    <p>A broken line joins two that stand too near each other. A thick line is a wall; broken, it is rated for less than half an hour.</p>
    <p>What is left is the least there can be, by the gauge and its error, or by weight. The bar takes colour as steel does, from straw, nearly empty, to blue, full.</p>
    <p class="soft">
      Zonaris advises. Your supplier, your local code and the fire authority decide.
    </p>
  </div>
</template>

<style scoped>
.legend { display: grid; gap: 10px; align-content: start; }
li { display: flex; align-items: center; gap: 12px; border-bottom: 1px solid var(--rule); padding: 4px 0; }
</style>
