<script setup lang="ts">
import type { StationVerdict } from '#core/clearance/assess-station'

/** A station as one line through its gates: live up to the first that holds it, thin after. */
const { verdict, stopped } = defineProps<{ verdict: StationVerdict, stopped: boolean }>()

const STEP = 41
const at = (index: number) => STEP / 2 + index * STEP
const width = computed(() => verdict.gates.length * STEP)
const liveTo = computed(() => {
  if (stopped) return 0
  const closed = verdict.gates.findIndex(({ gate }) => gate === verdict.firstClosed)
  return closed < 0 ? width.value : at(closed)
})
</script>

<template>
  <svg :width="width" height="44" :viewBox="`0 0 ${width} 44`" aria-hidden="true">
    <line x1="0" y1="22" :x2="width" y2="22" stroke="var(--dim)" stroke-width="3" />
    <line x1="0" y1="22" :x2="liveTo" y2="22" stroke="var(--ink)" stroke-width="5" />
    <g v-for="({ gate, state }, index) in verdict.gates" :key="gate" :transform="`translate(${at(index)} 0)`">
      <GateMark :state="state" />
    </g>
  </svg>
</template>
