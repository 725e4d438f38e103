<script setup lang="ts">
import type { BeamCourse, BeamRay } from '#core/laser/beam-course'
import type { Spot } from '#core/streams/hall/hall-plan'
import { towards } from '#core/streams/hall/on-plan'

/** What a laser's work may throw back, on a plan: straight as far as it goes, off a matt face all round. */
const { spot, course, mattM, at } = defineProps<{
  spot: Spot
  course: BeamCourse
  /** How far it harms an eye off a matt face, m. */
  mattM: number
  at: (spot: Spot) => { readonly x: number, readonly y: number }
  /** Picture points for a metre. */
  scale: number
}>()

const endOf = ({ towardsDeg, lengthM }: BeamRay): string => {
  const { x, y } = at(towards(spot, towardsDeg, lengthM))
  return `${x.toFixed(1)} ${y.toFixed(1)}`
}
const middle = computed(() => at(spot))
const shape = (rays: readonly BeamRay[]): string => `M ${middle.value.x} ${middle.value.y} L ${rays.map(endOf).join(' L ')} Z`
/** One beside the other that leave, each run of them by itself. */
const runs = computed(() => {
  const found: BeamRay[][] = []
  let run: BeamRay[] = []
  for (const ray of course.fan) {
    if (ray.leaves) run.push(ray)
    if (run.length > 0 && (!ray.leaves || ray === course.fan.at(-1))) {
      found.push(run)
      run = []
    }
  }
  return found
})
</script>

<template>
  <g class="fan">
    <path v-if="course.fan.length > 0" :d="shape(course.fan)" class="thrown" />
    <path v-for="(run, index) in runs" :key="index" :d="shape(run)" class="out" />
    <circle :cx="middle.x" :cy="middle.y" :r="mattM * scale" class="matt" />
  </g>
</template>

<style scoped>
.fan { pointer-events: none; }
.thrown { fill: var(--stop); fill-opacity: 0.12; stroke: var(--stop); stroke-opacity: 0.5; stroke-width: 2; stroke-dasharray: 6 4; }
.out { fill: var(--hold); fill-opacity: 0.35; stroke: var(--hold); stroke-width: 3; }
.matt { fill: none; stroke: var(--stop); stroke-width: 2; stroke-dasharray: 3 4; }
</style>
