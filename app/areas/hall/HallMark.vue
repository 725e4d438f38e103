<script setup lang="ts">
import type { PlanKind } from '#core/streams/hall/hall-plan'
import { ARROWS } from './plan'

/** How one kind of thing is drawn on a plan, for the words beside it. */
const { kind } = defineProps<{ kind: PlanKind }>()
const mark = computed(() => ARROWS[kind])
</script>

<template>
  <svg width="34" height="22" viewBox="-17 -11 34 22" aria-hidden="true" :class="kind">
    <circle v-if="kind === 'duct-fan'" r="8" class="fan" />
    <template v-else-if="mark">
      <rect v-if="mark.boxX !== undefined" :x="mark.boxX" y="-9" width="8" height="18" class="box" />
      <path :d="mark.arrow" class="arrow" />
    </template>
    <template v-else>
      <line v-if="kind === 'door'" x1="-17" x2="17" y1="0" y2="0" class="beside" />
      <line x1="-12" x2="12" y1="0" y2="0" class="line" />
      <line v-if="kind === 'laser-barrier'" x1="-12" x2="12" y1="0" y2="0" class="core" />
    </template>
  </svg>
</template>

<style scoped>
.line, .beside { stroke: var(--ink); stroke-width: 6; }
.screen .line { stroke-width: 4; stroke-dasharray: 6 4; }
.laser-barrier .line { stroke-width: 9; }
.core { stroke: var(--panel); stroke-width: 3; }
.door .line { stroke: var(--panel); stroke-width: 9; }
.fan { fill: var(--panel); stroke: var(--ink); stroke-width: 3; }
.box { fill: var(--ink); }
.arrow { fill: none; stroke: var(--ink); stroke-width: 3; }
.draught .arrow { stroke-dasharray: 5 4; }
</style>
