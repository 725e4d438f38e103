<script setup lang="ts">
import type { GateState } from '#core/clearance/gate'

/** One gate's mark by shape: posts, bar, plate, broken bar, tick. Drawn at 0,0 in a field 40 wide and 44 high. */
const { state } = defineProps<{ state: GateState }>()
</script>

<template>
  <g>
    <path v-if="state === 'open'" d="M-8 5v10M-8 29v10M8 5v10M8 29v10" stroke="var(--open)" stroke-width="5" />
    <rect v-else-if="state === 'hold'" x="-7" y="2" width="14" height="40" fill="var(--hold)" />
    <path v-else-if="state === 'stop'" d="M-16 4h22l10 10v26h-32z" fill="var(--stop)" />
    <path v-else-if="state === 'to-do'" d="M0 4v36" stroke="var(--soft)" stroke-width="6" stroke-dasharray="6 4" />
    <path v-else d="M0 15v14" stroke="var(--soft)" stroke-width="3" />
  </g>
</template>
