<script setup lang="ts">
import type { HallPlan, Spot } from '#core/streams/hall/hall-plan'
import type { HallSize } from '#core/streams/site/site'
import { towards } from '#core/streams/hall/on-plan'
import type { HallDucts } from '#core/ventilation/hall-ducts'
import { TEMPER } from '~/areas/air/temper'
import type { Tint } from '~/areas/air/temper'
import { hallPages } from '~/words/hall'
import type { DrawnBeam } from '~/areas/laser/useLaserBeams'
import type { DrawnBay } from './useHallLook'
import { ductRuns, outlineOf, seenFrom } from './plan'

const says = hallPages.plan

/** A hall from above, to scale: what stands in it, what floats in it, and whose fume comes to the bay that is chosen. */
const { plan, sides = null, ducts, bays, far, beams = [], nearFieldRadiusM, chosen, picked = null, isDrawing = false } = defineProps<{
  /** Named by whoever shows it. */
  label: string
  plan: HallPlan | null
  /** Its sides, where they were told and nobody drew it. */
  sides?: HallSize | null
  ducts: HallDucts | null
  bays: readonly DrawnBay[]
  /** What the hall holds, by the parts of a long one; null where nothing can be said, or under the open sky. */
  far: readonly { readonly tint: Tint | null, readonly said: string }[] | null
  /** Where lasers work: what their work throws back, as it was told today. */
  beams?: readonly DrawnBeam[]
  nearFieldRadiusM: number
  chosen: string | null
  /** The thing that is being drawn. */
  picked?: number | null
  isDrawing?: boolean
}>()
const emit = defineEmits<{ choose: [bayId: string], pick: [thing: number], put: [spot: Spot] }>()
const q = useQuantities()
const facts = useFacts()

const MARGIN_M = 1.2
/** Narrower, numbers run into each other: then the plan is scrolled. */
const LEAST_WIDE_PX = 620
const MOST_HIGH_PX = 520
/** Smaller, numbers of bays that stand beside each other run into each other: a long hall is scrolled too. */
const LEAST_PX_PER_M = 20
const frame = useTemplateRef<HTMLElement>('frame')
const widthPx = ref(700)
onMounted(() => {
  const watcher = new ResizeObserver(([entry]) => {
    // Hidden, as on a phone while something is opened, it measures nothing: it stays as it was drawn.
    if (entry!.contentRect.width > 0) widthPx.value = Math.max(LEAST_WIDE_PX, entry!.contentRect.width)
  })
  watcher.observe(frame.value!)
  onBeforeUnmount(() => watcher.disconnect())
})

const outline = computed(() => outlineOf(plan, bays, sides))
/** What is in the picture: the hall, and each of its bays, wherever somebody put it. */
const view = computed(() => seenFrom(outline.value, bays))
/** Picture points for a metre. */
const scale = computed(() => Math.min(
  Math.max(LEAST_PX_PER_M, widthPx.value / (view.value.lengthM + 2 * MARGIN_M)),
  MOST_HIGH_PX / (view.value.widthM + 2 * MARGIN_M),
))
const X = (m: number): number => (m - view.value.xM + MARGIN_M) * scale.value
const Y = (m: number): number => (m - view.value.yM + MARGIN_M) * scale.value
const at = ({ xM, yM }: Spot) => ({ x: X(xM), y: Y(yM) })
const size = computed(() => ({
  width: (view.value.lengthM + 2 * MARGIN_M) * scale.value,
  height: (view.value.widthM + 2 * MARGIN_M) * scale.value,
}))

const edge = computed(() => ({
  x: X(outline.value.xM),
  y: Y(outline.value.yM),
  width: outline.value.lengthM * scale.value,
  height: outline.value.widthM * scale.value,
}))
/** A long hall is cut across its length; each part has its own colour and number, at its lower edge. */
const parts = computed(() => {
  const { xM, yM, lengthM, widthM } = outline.value
  const count = far?.length ?? 0
  const isAlongX = lengthM >= widthM
  return (far ?? []).map((part, index) => {
    const [width, height] = [lengthM * scale.value / (isAlongX ? count : 1), widthM * scale.value / (isAlongX ? 1 : count)]
    const x = X(xM) + (isAlongX ? index * width : 0)
    const y = Y(yM) + (isAlongX ? 0 : index * height)
    return { ...part, index, isAlongX, x, y, width, height, saidY: y + height - 12 }
  })
})

/** Every five metres, or twenty feet. */
const grid = computed(() => {
  const step = facts.rules.units === 'us' ? 6.096 : 5
  const lines = (from: number, length: number) => Array.from({ length: Math.floor(length / step) }, (_, i) => from + (i + 1) * step)
    .filter(m => m < from + length - 0.2)
  const { xM, yM, lengthM, widthM } = outline.value
  return {
    xs: lines(xM, lengthM).map(m => ({ at: X(m), said: q.value.height(m - xM) })),
    ys: lines(yM, widthM).map(m => ({ at: Y(m), said: q.value.height(m - yM) })),
  }
})

/** A hood is drawn where it is, but never so near that nobody sees it. */
const LEAST_HOOD_PX = 10
const mouthOf = ({ xM, yM, hood }: DrawnBay): Spot | null =>
  hood && towards({ xM, yM }, hood.towardsDeg, hood.isAbove ? 0 : Math.max(hood.distanceM, LEAST_HOOD_PX / scale.value))
const mouths = computed(() => bays.flatMap((bay) => {
  const mouth = mouthOf(bay)
  if (!mouth || !bay.hood) return []
  const half = Math.max(bay.hood.widthM / 2, 0.15)
  const [a, b] = [towards(mouth, bay.hood.towardsDeg + 90, half), towards(mouth, bay.hood.towardsDeg - 90, half)]
  return [{ bayId: bay.bayId, isAbove: bay.hood.isAbove, a: at(a), b: at(b), middle: at(mouth), r: half * scale.value }]
}))
const runs = computed(() => plan && ducts
  ? ductRuns(ducts, plan, (bayId) => {
      const bay = bays.find(one => one.bayId === bayId)
      return bay ? mouthOf(bay) ?? bay : null
    }).map(({ id, from, to }) => ({ id, from: at(from), to: at(to) }))
  : [])
/** What comes to the chosen bay from others: a line as wide as its share. */
const shares = computed(() => {
  const to = bays.find(({ bayId }) => bayId === chosen)
  return to
    ? bays.flatMap(bay => bay.share && bay !== to
        ? [{ bayId: bay.bayId, from: at(bay), to: at(to), width: 2 + bay.share.part * 22, said: bay.share.said }]
        : [])
    : []
})
const nearPx = computed(() => nearFieldRadiusM * scale.value)
const TARGET_PX = 56

/** Where on the grid a hand is, m, to the tenth. */
function spotOf(event: PointerEvent | MouseEvent): Spot {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const round = (m: number): number => Math.round(m * 10) / 10
  return {
    xM: round((event.clientX - box.left) / (box.width / size.value.width) / scale.value - MARGIN_M + view.value.xM),
    yM: round((event.clientY - box.top) / (box.height / size.value.height) / scale.value - MARGIN_M + view.value.yM),
  }
}
const isHeld = ref(false)
/** The press that takes a thing ends in a click: it puts nothing, or whoever only picks a thing would shift it. */
let isTaken = false
function take(index: number) {
  if (!isDrawing) return
  emit('pick', index)
  isHeld.value = true
  isTaken = true
}
function move(event: PointerEvent) {
  if (isDrawing && isHeld.value) emit('put', spotOf(event))
}
function tap(event: MouseEvent) {
  if (isDrawing && picked !== null && !isTaken) emit('put', spotOf(event))
  isTaken = false
}
</script>

<template>
  <div ref="frame" class="frame" tabindex="0" role="group" :aria-label="says.plan">
    <svg
      :viewBox="`0 0 ${size.width} ${size.height}`"
      :width="size.width"
      :height="size.height"
      role="img"
      :aria-label="label"
      :class="{ drawing: isDrawing }"
      @pointermove="move"
      @pointerup="isHeld = false"
      @pointerleave="isHeld = false"
      @click="tap"
    >
      <rect v-bind="edge" class="ground" />
      <g v-for="part in parts" :key="`part ${part.index}`" class="part-of">
        <rect
          v-if="part.tint"
          :x="part.x"
          :y="part.y"
          :width="part.width"
          :height="part.height"
          :style="{ fill: TEMPER[part.tint], fillOpacity: 0.25 }"
        />
        <line
          v-if="part.index > 0"
          :x1="part.x"
          :y1="part.y"
          :x2="part.isAlongX ? part.x : part.x + part.width"
          :y2="part.isAlongX ? part.y + part.height : part.y"
        />
      </g>
      <rect v-bind="edge" class="outline" :class="{ guessed: plan === null }" />
      <g aria-hidden="true">
        <template v-for="{ at: x, said } in grid.xs" :key="`x${x}`">
          <line :x1="x" :x2="x" :y1="Y(outline.yM)" :y2="Y(outline.yM + outline.widthM)" class="grid" />
          <text :x="x" :y="15" class="measure">{{ said }}</text>
        </template>
        <template v-for="{ at: y, said } in grid.ys" :key="`y${y}`">
          <line :x1="X(outline.xM)" :x2="X(outline.xM + outline.lengthM)" :y1="y" :y2="y" class="grid" />
          <text :x="X(outline.xM) + 8" :y="y - 5" class="measure begin">{{ said }}</text>
        </template>
      </g>
      <line v-for="{ id, from, to } in runs" :key="`duct ${id}`" :x1="from.x" :y1="from.y" :x2="to.x" :y2="to.y" class="duct" />
      <g
        v-for="(thing, index) in plan?.things ?? []"
        :key="index"
        :class="{ picked: isDrawing && picked === index }"
        @pointerdown="take(index)"
      >
        <circle v-if="isDrawing" :cx="at(thing).x" :cy="at(thing).y" r="22" class="grip" />
        <HallThing :thing="thing" :at="at" :scale="scale" :is-drawn="isDrawing" />
      </g>
      <LaserFan
        v-for="{ bayId, spot, course, mattM } in beams"
        :key="`beam ${bayId}`"
        :spot="spot"
        :course="course"
        :matt-m="mattM"
        :at="at"
        :scale="scale"
      />
      <g v-for="one in shares" :key="`from ${one.bayId}`" class="share">
        <line :x1="one.from.x" :y1="one.from.y" :x2="one.to.x" :y2="one.to.y" :stroke-width="one.width" />
      </g>
      <g
        v-for="bay in bays"
        :key="bay.bayId"
        class="bay"
        :class="{ chosen: bay.bayId === chosen }"
        @click="isDrawing || emit('choose', bay.bayId)"
      >
        <rect :x="X(bay.xM) - TARGET_PX / 2" :y="Y(bay.yM) - TARGET_PX / 2" :width="TARGET_PX" :height="TARGET_PX" class="target" />
        <circle
          :cx="X(bay.xM)"
          :cy="Y(bay.yM)"
          :r="nearPx"
          class="near"
          :class="{ idle: !bay.isCounted }"
          :style="bay.near?.tint ? { fill: TEMPER[bay.near.tint] } : {}"
        />
      </g>
      <g v-for="{ bayId, isAbove, a, b, middle, r } in mouths" :key="`hood ${bayId}`" class="hood">
        <circle v-if="isAbove" :cx="middle.x" :cy="middle.y" :r="r" />
        <line v-else :x1="a.x" :y1="a.y" :x2="b.x" :y2="b.y" />
      </g>
      <g v-for="bay in bays" :key="`of ${bay.bayId}`" class="said-of" aria-hidden="true">
        <text :x="X(bay.xM) - nearPx - 6" :y="Y(bay.yM) + 7" class="no">{{ bay.label }}</text>
        <text v-if="bay.near" :x="X(bay.xM)" :y="Y(bay.yM) + nearPx + 18" class="number">{{ bay.near.said }}</text>
        <text
          v-if="bay.share && bay.bayId !== chosen"
          :x="X(bay.xM) + nearPx + 6"
          :y="Y(bay.yM) - nearPx"
          class="part"
        >{{ bay.share.said }}</text>
      </g>
      <g v-for="part in parts" :key="`in part ${part.index}`" class="of-hall">
        <rect
          v-if="part.tint"
          :x="part.x + 12"
          :y="part.saidY - 17"
          width="20"
          height="20"
          class="swatch"
          :style="{ fill: TEMPER[part.tint] }"
        />
        <text :x="part.x + (part.tint ? 40 : 12)" :y="part.saidY">{{ part.said }}</text>
      </g>
    </svg>
  </div>
  <p v-if="plan === null" class="soft">
    {{ says.nobodyDrewIt }}
  </p>
</template>

<style scoped>
.frame { overflow-x: auto; margin-bottom: var(--space-4); }
svg { display: block; background: var(--panel); touch-action: manipulation; }
svg.drawing { touch-action: none; cursor: crosshair; }
.ground { fill: var(--bg); }
.outline { fill: none; stroke: var(--ink); stroke-width: 6; }
.outline.guessed { stroke-width: 3; stroke-dasharray: 10 7; }
.grid { stroke: var(--rule); stroke-width: 1; }
text { fill: var(--ink); font-size: var(--type-small); font-weight: 650; paint-order: stroke; stroke: var(--panel); stroke-width: 4px; }
.measure { font-size: var(--type-fine); fill: var(--soft); text-anchor: middle; font-weight: 500; }
.measure.begin { text-anchor: start; }
.duct { stroke: var(--strong-rule); stroke-width: 7; stroke-opacity: 0.55; stroke-linecap: round; }
.grip { fill: transparent; stroke: var(--strong-rule); stroke-dasharray: 3 4; cursor: grab; }
.picked .grip { fill: var(--picked); stroke: var(--chalk); stroke-width: 3; stroke-dasharray: none; }
.near { fill: var(--panel); stroke: var(--ink); stroke-width: 2; }
.near.idle { stroke-dasharray: 4 4; fill-opacity: 0.75; }
.bay { cursor: pointer; }
.bay.chosen .near { stroke-width: 6; }
.target { fill: transparent; }
.bay:hover .target { fill: var(--dim); fill-opacity: 0.5; }
.hood { pointer-events: none; fill: none; stroke: var(--ink); stroke-width: 4; }
.share line { stroke: var(--chalk); stroke-opacity: 0.4; pointer-events: none; }
.said-of, .of-hall { pointer-events: none; }
.no { font-size: var(--type-lead); font-weight: 900; text-anchor: end; }
.number { text-anchor: middle; }
.part { fill: var(--chalk); font-weight: 800; }
.of-hall text { font-weight: 800; }
.part-of line { stroke: var(--strong-rule); stroke-width: 2; stroke-dasharray: 3 6; }
.swatch { stroke: var(--strong-rule); stroke-width: 1; }
</style>
