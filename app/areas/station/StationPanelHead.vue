<script setup lang="ts">
import type { Gate } from '#core/clearance/gate'
import { stationPages } from '~/words/station'

const says = stationPages.panelHead

/** The head of a panel where a gate is worked at: its mark, its name, and the way to its reasons. */
const { gate } = defineProps<{ gate: Gate }>()
const emit = defineEmits<{ because: [] }>()
</script>

<template>
  <div class="head">
    <h3>
      <svg
        width="30"
        height="36"
        viewBox="-18 0 36 44"
        aria-hidden="true"
      ><GateMark :state="gate.state" /></svg> {{ words.gates[gate.gate] }}
    </h3>
    <FrameKey @click="emit('because')">
      {{ says.because }}
    </FrameKey>
  </div>
</template>

<style scoped>
.head {
  display: flex; justify-content: space-between; align-items: center; border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
h3 { font-size: var(--type-big); display: flex; align-items: center; gap: var(--space-3); }
</style>
