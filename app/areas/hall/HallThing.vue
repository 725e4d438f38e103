<script setup lang="ts">
import type { PlanThing, Spot } from '#core/streams/hall/hall-plan'
import { endsOf } from '#core/streams/hall/on-plan'
import { ARROWS } from './plan'

/** One thing that stands in a hall, on its plan. */
const { thing, at, scale } = defineProps<{
  thing: PlanThing
  /** Where a spot is in the picture. */
  at: (spot: Spot) => { readonly x: number, readonly y: number }
  /** Picture points for a metre. */
  scale: number
  /** It is being drawn: a door, which is a gap, is shown. */
  isDrawn?: boolean
}>()
const ends = computed(() => {
  const [from, to] = endsOf(thing)
  return { from: at(from), to: at(to), middle: at(thing) }
})
const mark = computed(() => ARROWS[thing.kind])
</script>

<template>
  <g :class="[thing.kind, { drawn: isDrawn }]">
    <circle v-if="thing.kind === 'duct-fan'" :cx="ends.middle.x" :cy="ends.middle.y" :r="Math.max(9, 0.4 * scale)" class="fan" />
    <g v-else-if="mark" :transform="`translate(${ends.middle.x} ${ends.middle.y}) rotate(${thing.towardsDeg})`">
      <rect v-if="mark.boxX !== undefined" :x="mark.boxX" y="-9" width="8" height="18" class="box" />
      <path :d="mark.arrow" class="arrow" />
    </g>
    <template v-else>
      <line :x1="ends.from.x" :y1="ends.from.y" :x2="ends.to.x" :y2="ends.to.y" class="line" />
      <line v-if="thing.kind === 'laser-barrier'" :x1="ends.from.x" :y1="ends.from.y" :x2="ends.to.x" :y2="ends.to.y" class="core" />
    </template>
  </g>
</template>

<style scoped>
.line { stroke: var(--ink); stroke-width: 7; }
.screen .line { stroke-width: 4; stroke-dasharray: 7 5; }
.laser-barrier .line { stroke-width: 9; }
.core { stroke: var(--panel); stroke-width: 3; }
.door .line { stroke: var(--panel); stroke-width: 10; }
.door.drawn .line { stroke: var(--dim); }
.fan { fill: var(--panel); stroke: var(--ink); stroke-width: 4; }
.box { fill: var(--ink); }
.arrow { fill: none; stroke: var(--ink); stroke-width: 3; }
.draught .arrow { stroke-dasharray: 5 4; }
</style>
