<script setup lang="ts">
import type { LaserPieceId } from '#core/ids/laser-ids'
import { LASER_PIECES } from '#core/ids/laser-ids'
import { beamCourse } from '#core/laser/beam-course'
import type { LaserAim, LaserGround } from '#core/laser/beam-course'
import { judgeCourse } from '#core/laser/laser-cell'
import type { LaserHazard } from '#core/laser/laser-hazard'
import type { Spot } from '#core/streams/hall/hall-plan'
import { directionDeg, towards } from '#core/streams/hall/on-plan'
import { seenFrom } from '~/areas/hall/plan'
import { laserPages } from '~/words/laser'
import { laserWords } from '~/words/laser-words'

const says = laserPages.course

/** Which way a laser points on the plan of its hall, how its work lies, and where what it throws back ends. */
const { ground, hazard } = defineProps<{ ground: LaserGround, hazard: LaserHazard }>()
const aim = defineModel<LaserAim | undefined>({ required: true })
const lookup = useLookup()
const q = useQuantities()

const WIDE_PX = 440
const MOST_HIGH_PX = 320
const EDGE_PX = 14
const TURN_DEG = 15

const towardsDeg = ref<number | null>(aim.value?.towardsDeg ?? null)
const piece = ref<LaserPieceId | ''>(aim.value?.piece ?? '')
/** Work that lies now so, now so, throws to every side, whichever way the torch points. */
const told = computed((): LaserAim | undefined => {
  if (piece.value === '' || (piece.value !== 'any' && towardsDeg.value === null)) return undefined
  return { towardsDeg: towardsDeg.value ?? 0, piece: piece.value }
})
watch(told, (now) => {
  aim.value = now
})

const course = computed(() => beamCourse(ground, hazard, told.value))
const said = computed(() => {
  const { found, missing } = judgeCourse(course.value, ground, told.value)
  return lookup.sayAll([...found, ...missing])
})
const matt = computed(() => hazard.diffuseEyeDistanceM ?? 0)

const view = computed(() => seenFrom(ground.plan.outline, [ground.spot, ...ground.others]))
const scale = computed(() => Math.min((WIDE_PX - 2 * EDGE_PX) / view.value.lengthM, (MOST_HIGH_PX - 2 * EDGE_PX) / view.value.widthM))
const size = computed(() => ({ wide: view.value.lengthM * scale.value + 2 * EDGE_PX, high: view.value.widthM * scale.value + 2 * EDGE_PX }))
const at = ({ xM, yM }: Spot) => ({ x: EDGE_PX + (xM - view.value.xM) * scale.value, y: EDGE_PX + (yM - view.value.yM) * scale.value })
const corner = computed(() => at(ground.plan.outline))
const torch = computed(() => at(ground.spot))
/** Long enough to be seen in a large hall. */
const ARROW_PX = 46
const tip = computed(() => towardsDeg.value === null ? null : towards({ xM: torch.value.x, yM: torch.value.y }, towardsDeg.value, ARROW_PX))

const turn = (byDeg: number) => {
  towardsDeg.value = ((towardsDeg.value ?? 0) + byDeg + 360) % 360
}
const KEYS: Readonly<Record<string, number>> = { ArrowRight: TURN_DEG, ArrowUp: TURN_DEG, ArrowLeft: -TURN_DEG, ArrowDown: -TURN_DEG }
function press(event: KeyboardEvent) {
  const byDeg = KEYS[event.key]
  if (byDeg === undefined) return
  event.preventDefault()
  turn(byDeg)
}
function point(event: MouseEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const x = (event.clientX - box.left) / box.width * size.value.wide
  const y = (event.clientY - box.top) / box.height * size.value.high
  towardsDeg.value = directionDeg({ xM: torch.value.x, yM: torch.value.y }, { xM: x, yM: y }, TURN_DEG)
}
</script>

<template>
  <div class="course" role="group" :aria-label="says.whereItEnds">
    <div
      class="drawn"
      tabindex="0"
      role="slider"
      :aria-label="says.pointTheTorch"
      aria-valuemin="0"
      aria-valuemax="359"
      :aria-valuenow="towardsDeg ?? 0"
      :aria-valuetext="towardsDeg === null ? says.nobodySaid : says.pointsTo(towardsDeg)"
      @keydown="press"
      @click="point"
    >
      <svg :viewBox="`0 0 ${size.wide} ${size.high}`" aria-hidden="true">
        <rect
          :x="corner.x"
          :y="corner.y"
          :width="ground.plan.outline.lengthM * scale"
          :height="ground.plan.outline.widthM * scale"
          class="outline"
        />
        <LaserFan :spot="ground.spot" :course="course" :matt-m="matt" :at="at" :scale="scale" />
        <HallThing v-for="(thing, index) in ground.plan.things" :key="index" :thing="thing" :at="at" :scale="scale" />
        <g v-for="other in ground.others" :key="other.label" class="other" :class="{ reached: course.baysInReach.includes(other.label) }">
          <circle :cx="at(other).x" :cy="at(other).y" r="6" />
          <text :x="at(other).x + 9" :y="at(other).y + 5">{{ other.label }}</text>
        </g>
        <circle :cx="torch.x" :cy="torch.y" r="7" class="torch" />
        <line v-if="tip" :x1="torch.x" :y1="torch.y" :x2="tip.xM" :y2="tip.yM" class="torch" />
        <path v-if="tip" d="M -10 -7 L 4 0 L -10 7 Z" :transform="`translate(${tip.xM} ${tip.yM}) rotate(${towardsDeg})`" class="torch" />
      </svg>
    </div>
    <p class="soft">
      {{ says.howToPoint }} {{ says.matt(q.distance(Math.ceil(matt * 10) / 10)) }}
    </p>
    <div class="keys">
      <FrameKey :aria-label="says.turnLeft" @click="turn(-TURN_DEG)">
        {{ says.arrows.left }}
      </FrameKey>
      <FrameKey :aria-label="says.turnRight" @click="turn(TURN_DEG)">
        {{ says.arrows.right }}
      </FrameKey>
    </div>
    <FrameChoice v-model="piece" :label="says.howItLies" :ids="LASER_PIECES" :named="one => laserWords.pieces[one]" />
    <div role="status">
      <p v-for="({ message, todo }, index) in said" :key="index" class="said">
        {{ message }} <b>{{ todo }}</b>
      </p>
      <p v-if="said.length === 0" class="soft">
        {{ says.endsInside }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.course { display: grid; gap: var(--space-3); }
.drawn { cursor: crosshair; border: var(--line-rule) solid var(--strong-rule); }
svg { display: block; width: 100%; height: auto; background: var(--panel); }
.outline { fill: var(--bg); stroke: var(--ink); stroke-width: 5; }
.other circle { fill: var(--panel); stroke: var(--ink); stroke-width: 2; }
.other.reached circle { fill: var(--hold); }
text { fill: var(--ink); font-size: var(--type-small); font-weight: 800; paint-order: stroke; stroke: var(--panel); stroke-width: 4px; }
circle.torch, path.torch { fill: var(--ink); }
line.torch { stroke: var(--ink); stroke-width: 4; }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
</style>
