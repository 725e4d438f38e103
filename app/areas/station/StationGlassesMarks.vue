<script setup lang="ts">
import { EYEWEAR_MARKS } from '#core/optics/eyewear-marks'
import { citation } from '~/words/citation'
import { stationPages } from '~/words/station'

const says = stationPages.glassesMarks

/** Where glasses say what they are, drawn by us, and what the marks mean. */
const ASKED = EYEWEAR_MARKS[0]!.mark
const sources = [...new Set(EYEWEAR_MARKS.map(({ source }) => citation(source)))]
</script>

<template>
  <details class="marks">
    <summary>{{ says.whatTheMarksSay }}</summary>
    <svg viewBox="0 0 320 112" role="img" :aria-label="says.drawn">
      <path class="lens" d="M14 22 H108 Q116 22 114 34 L106 66 Q104 74 94 74 H36 Q26 74 23 66 L12 34 Q9 22 14 22 Z" />
      <path class="side" d="M114 26 H268 Q300 28 306 62" />
      <path class="side" d="M114 40 H262 Q284 42 292 66" />
      <text x="126" y="37" class="etched" font-size="12">{{ ASKED }}</text>
      <text x="24" y="36" class="etched" font-size="10">{{ `${ASKED} U6` }}</text>
      <path class="lead" d="M146 44 V84 H166" />
      <text x="172" y="89" font-size="13">{{ says.onTheSide }}</text>
      <path class="lead" d="M44 42 V102 H64" />
      <text x="70" y="107" font-size="13">{{ says.onTheLens }}</text>
    </svg>
    <ul>
      <li v-for="{ mark, meaning, isAskedFor } in EYEWEAR_MARKS" :key="mark + meaning">
        <b class="print">{{ mark }}</b> <span :class="{ 'state-open': isAskedFor }">{{ says.meanings[meaning] }}</span>
      </li>
    </ul>
    <p class="soft">
      {{ sources.join('; ') }}
    </p>
  </details>
</template>

<style scoped>
.marks { display: grid; gap: var(--space-3); }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 650; }
svg { width: 100%; max-width: 360px; height: auto; }
.lens, .side { fill: none; stroke: var(--ink); stroke-width: 3; }
.lead { fill: none; stroke: var(--strong-rule); stroke-width: 1.5; }
text { fill: var(--ink); font-weight: 600; }
.etched { font-weight: 800; }
li { display: grid; grid-template-columns: 64px minmax(0, 1fr); gap: var(--space-3); padding: var(--space-1) 0; }
.soft { font-size: var(--type-fine); }
</style>
