<script setup lang="ts">
import type { Hood } from '#core/ventilation/hood'
import { mouthRadiusM } from '#core/ventilation/hood'
import type { CaptureWindow } from '#core/ventilation/capture-window'
import { TEMPER } from '~/areas/air/temper'
import type { Tint } from '~/areas/air/temper'
import { hallPages } from '~/words/hall'
import { directionDeg } from '#core/streams/hall/on-plan'

const says = hallPages.closeUp

/** The arc of one bay and its hood, to scale: where the hood works, and where it is put by a finger or the arrow keys. */
const { hood, distanceM, towardsDeg, window, isAbove, nearFieldRadiusM, tint } = defineProps<{
  hood: Hood
  distanceM: number
  towardsDeg: number
  window: CaptureWindow | null
  isAbove: boolean
  nearFieldRadiusM: number
  tint: Tint | null
  isTried: boolean
}>()
const emit = defineEmits<{ move: [to: { readonly distanceM: number, readonly towardsDeg: number }] }>()
const q = useQuantities()

/** What is shown, m: so much to each side of the arc, or over it. */
const WIDE_M = 2
const HIGH_M = 1.5
const PX = 220
const DISTANCES = { min: 0.05, max: 1 } as const
const STEP_M = 0.01
const TURN_DEG = 15

const arc = computed(() => ({ x: WIDE_M / 2 * PX, y: (isAbove ? HIGH_M - 0.25 : HIGH_M / 2) * PX }))
const angle = computed(() => (isAbove ? 270 : towardsDeg) * Math.PI / 180)
const mouth = computed(() => ({
  x: arc.value.x + Math.cos(angle.value) * distanceM * PX,
  y: arc.value.y + Math.sin(angle.value) * distanceM * PX,
}))
const half = computed(() => Math.max(0.04, hood.diameterM ? hood.diameterM / 2 : (hood.widthM ?? mouthRadiusM(hood) * 2) / 2) * PX)
const flange = computed(() => hood.flanged ? half.value * 0.35 : 0)
const ring = computed(() => {
  if (!window || window.farthestM === null) return null
  return { far: Math.min(window.farthestM, 2) * PX, near: (window.nearestM ?? 0) * PX, isAny: window.windowM !== null }
})
/** Where its hood stands least often: below an arc seen from above, over one seen from the side. */
const noteY = computed(() => isAbove ? 26 : HIGH_M * PX - 34)
const said = computed(() => says.hoodAt(
  q.value.reach(distanceM),
  words.placements[isAbove ? 'above' : 'beside'],
  window?.windowM ? says.worksFrom(q.value.reach(window.windowM[0]), q.value.reach(window.windowM[1])) : says.worksNowhere,
))
const clamp = (m: number): number => Math.round(Math.min(DISTANCES.max, Math.max(DISTANCES.min, m)) / STEP_M) * STEP_M
const go = (byM: number, byDeg = 0) =>
  emit('move', { distanceM: clamp(distanceM + byM), towardsDeg: (towardsDeg + byDeg + 360) % 360 })

const KEYS: Readonly<Record<string, () => void>> = {
  ArrowUp: () => go(STEP_M),
  ArrowDown: () => go(-STEP_M),
  ArrowRight: () => isAbove ? go(STEP_M) : go(0, TURN_DEG),
  ArrowLeft: () => isAbove ? go(-STEP_M) : go(0, -TURN_DEG),
  PageUp: () => go(10 * STEP_M),
  PageDown: () => go(-10 * STEP_M),
}
function press(event: KeyboardEvent) {
  const act = KEYS[event.key]
  if (!act) return
  event.preventDefault()
  act()
}
const isHeld = ref(false)
function put(event: PointerEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const x = (event.clientX - box.left) / box.width * WIDE_M - arc.value.x / PX
  const y = (event.clientY - box.top) / box.height * HIGH_M - arc.value.y / PX
  emit('move', isAbove
    ? { distanceM: clamp(-y), towardsDeg }
    : { distanceM: clamp(Math.hypot(x, y)), towardsDeg: directionDeg({ xM: 0, yM: 0 }, { xM: x, yM: y }, TURN_DEG) })
}
function take(event: PointerEvent) {
  isHeld.value = true
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  put(event)
}
</script>

<template>
  <figure class="close-up">
    <div
      class="drawn"
      tabindex="0"
      role="slider"
      :aria-label="says.hoodToArc"
      :aria-valuemin="DISTANCES.min * 100"
      :aria-valuemax="DISTANCES.max * 100"
      :aria-valuenow="Math.round(distanceM * 100)"
      :aria-valuetext="said"
      aria-orientation="vertical"
      @keydown="press"
      @pointerdown="take"
      @pointermove="isHeld && put($event)"
      @pointerup="isHeld = false"
      @pointercancel="isHeld = false"
    >
      <svg :viewBox="`0 0 ${WIDE_M * PX} ${HIGH_M * PX}`" aria-hidden="true">
        <circle
          :cx="arc.x"
          :cy="arc.y"
          :r="nearFieldRadiusM * PX"
          class="near"
          :style="tint ? { fill: TEMPER[tint], fillOpacity: 0.75 } : {}"
        />
        <template v-if="ring && !isAbove">
          <circle :cx="arc.x" :cy="arc.y" :r="ring.far" class="under" />
          <circle :cx="arc.x" :cy="arc.y" :r="ring.far" class="far" :class="{ none: !ring.isAny }" />
          <circle v-if="ring.near > 0" :cx="arc.x" :cy="arc.y" :r="ring.near" class="under" />
          <circle v-if="ring.near > 0" :cx="arc.x" :cy="arc.y" :r="ring.near" class="nearest" />
        </template>
        <template v-else-if="ring">
          <line x1="0" :x2="WIDE_M * PX" :y1="arc.y - ring.far" :y2="arc.y - ring.far" class="far" :class="{ none: !ring.isAny }" />
          <line v-if="ring.near > 0" x1="0" :x2="WIDE_M * PX" :y1="arc.y - ring.near" :y2="arc.y - ring.near" class="nearest" />
          <line x1="0" :x2="WIDE_M * PX" :y1="arc.y" :y2="arc.y" class="work" />
        </template>
        <path :d="`M ${arc.x - 9} ${arc.y} H ${arc.x + 9} M ${arc.x} ${arc.y - 9} V ${arc.y + 9}`" class="arc" />
        <line :x1="arc.x" :y1="arc.y" :x2="mouth.x" :y2="mouth.y" class="reach" />
        <g :transform="`translate(${mouth.x} ${mouth.y}) rotate(${isAbove ? 270 : towardsDeg})`" class="hood" :class="{ tried: isTried }">
          <path :d="`M 0 ${-half} L 46 -16 L 90 -16 M 0 ${half} L 46 16 L 90 16`" />
          <path :d="`M 0 ${-half - flange} V ${half + flange}`" class="mouth" />
        </g>
        <text :x="12" :y="26" class="big">{{ q.reach(distanceM) }}</text>
        <text
          v-if="ring"
          :x="WIDE_M * PX - 12"
          :y="noteY"
          class="end"
        >{{ ring.isAny ? says.worksTo(q.reach(window!.farthestM!)) : says.worksNowhere }}</text>
        <text
          v-if="ring && ring.near > 0"
          :x="WIDE_M * PX - 12"
          :y="noteY + 22"
          class="end soft"
        >{{ says.notNearer(q.reach(window!.nearestM!)) }}</text>
      </svg>
    </div>
    <div class="keys">
      <FrameKey @click="go(-STEP_M)">
        {{ says.nearer }}
      </FrameKey>
      <FrameKey @click="go(STEP_M)">
        {{ says.farther }}
      </FrameKey>
      <template v-if="!isAbove">
        <FrameKey :aria-label="says.turnLeft" @click="go(0, -TURN_DEG)">
          {{ says.arrows.left }}
        </FrameKey>
        <FrameKey :aria-label="says.turnRight" @click="go(0, TURN_DEG)">
          {{ says.arrows.right }}
        </FrameKey>
      </template>
    </div>
    <figcaption>{{ isAbove ? says.fromTheSide : says.fromAbove }}</figcaption>
  </figure>
</template>

<style scoped>
.close-up { display: grid; gap: var(--space-3); }
.drawn { touch-action: none; cursor: grab; border: var(--line-rule) solid var(--strong-rule); }
svg { display: block; width: 100%; height: auto; background: var(--bg); }
.near { fill: none; stroke: var(--strong-rule); stroke-width: 2; }
.under { fill: none; stroke: var(--bg); stroke-width: 8; }
.far { fill: none; stroke: var(--ink); stroke-width: 3; }
.far.none { stroke-dasharray: 4 8; }
.nearest { fill: none; stroke: var(--ink); stroke-width: 2; stroke-dasharray: 8 6; }
.work { stroke: var(--ink); stroke-width: 4; }
.arc { stroke: var(--ink); stroke-width: 4; }
.reach { stroke: var(--soft); stroke-width: 2; stroke-dasharray: 3 5; }
.hood path { fill: none; stroke: var(--ink); stroke-width: 4; }
.hood .mouth { stroke-width: 8; }
.hood.tried path { stroke: var(--pencil); stroke-dasharray: 10 4; }
text { fill: var(--ink); font-size: var(--type-small); font-weight: 700; paint-order: stroke; stroke: var(--bg); stroke-width: 4px; }
.big { font-size: var(--type-big); font-weight: 900; }
.end { text-anchor: end; }
.soft { fill: var(--soft); }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
figcaption { font-size: var(--type-fine); color: var(--soft); }
</style>
