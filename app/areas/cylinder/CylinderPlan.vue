<script setup lang="ts">
import { fireRole } from '#core/cylinder/gas'
import { storedItem } from '#core/cylinder/judge-place'
import type { CylinderHere, PlaceStanding } from '#core/cylinder/judge-place'
import type { Place } from '#core/streams/place/place'
import { gasPages } from '~/words/gas'

const says = gasPages.plan

/** A place from above, to scale: outline, walls, what burns, cylinders by what they do to a fire, and every distance that is too short. */
const { place, here, standing, chosen } = defineProps<{
  place: Place
  here: readonly CylinderHere[]
  standing: PlaceStanding
  chosen: string | null
}>()
const emit = defineEmits<{ open: [tag: string] }>()
const q = useQuantities()

/** Picture units for a metre: the drawing is about 900 wide. */
const scale = computed(() => 900 / (place.widthM + 1))
const items = computed(() => {
  const drawn = here.flatMap((one) => {
    const item = storedItem(one)
    return item
      ? [
          {
            tag: item.id,
            role: fireRole(item.gas),
            x: X(item.xM + item.widthM / 2),
            y: Y(item.yM + item.depthM / 2),
            r: Math.max(11, (item.widthM / 2) * scale.value),
            isEmpty: one.cylinder.isEmpty,
            row: 0,
          },
        ]
      : []
  }).sort((a, b) => a.x - b.x)
  // Names of neighbours go on lines of their own, so that they never run into each other.
  for (const [index, item] of drawn.entries()) {
    const beside = drawn.slice(0, index).filter(other => Math.abs(other.y - item.y) < 60 && item.x - other.x < 86)
    item.row = [0, 1, 2].find(row => !beside.some(other => other.row === row)) ?? 0
  }
  return drawn
})
const X = (m: number) => (m - place.xM + 0.5) * scale.value
const Y = (m: number) => (m - place.yM + 0.5) * scale.value
const centre = (id: string): readonly [number, number] | null => {
  const item = items.value.find(({ tag }) => tag === id)
  if (item) return [item.x, item.y]
  const burns = place.store?.combustibles.find(one => one.id === id)
  return burns ? [X(burns.xM + burns.widthM / 2), Y(burns.yM + burns.depthM / 2)] : null
}
/**
 * One line for each pair too near; where many pairs share a cylinder, only the shortest of all carries its number: the rest are said
 * below.
 */
const conflicts = computed(() => {
  const sorted = [...standing.storage.conflicts].sort((a, b) => a.distanceM - b.distanceM)
  return sorted.flatMap(({ between, distanceM }) => {
    const [from, to] = [centre(between[0]), centre(between[1])]
    return from && to ? [{ key: between.join(), from, to, label: q.value.distance(distanceM) }] : []
  })
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${(place.widthM + 1) * scale} ${(place.depthM + 1) * scale}`"
    role="img"
    :aria-label="says.fromAboveCylindersTooNear(place.name, here.length, standing.storage.conflicts.length)"
  >
    <rect :x="X(place.xM)" :y="Y(place.yM)" :width="place.widthM * scale" :height="place.depthM * scale" class="outline" />
    <g v-for="burns in place.store?.combustibles" :key="burns.id">
      <rect :x="X(burns.xM)" :y="Y(burns.yM)" :width="burns.widthM * scale" :height="burns.depthM * scale" class="burns" />
      <text :x="X(burns.xM + burns.widthM)" :y="Y(burns.yM) - 8" class="note">{{ burns.id }}</text>
    </g>
    <line
      v-for="wall in place.store?.barriers"
      :key="wall.name"
      :x1="X(wall.x1M)"
      :y1="Y(wall.y1M)"
      :x2="X(wall.x2M)"
      :y2="Y(wall.y2M)"
      class="wall"
      :class="{ unrated: wall.ratingMin < 30 }"
    />
    <g v-for="{ key, from, to } in conflicts" :key="key">
      <line :x1="from[0]" :y1="from[1]" :x2="to[0]" :y2="to[1]" class="near" />
    </g>
    <g
      v-for="{ tag, role, x, y, r, isEmpty, row } in items"
      :key="tag"
      class="cylinder"
      :class="{ chosen: chosen === tag }"
      @click="emit('open', tag)"
    >
      <circle :cx="x" :cy="y" :r="r + 12" class="target" />
      <circle :cx="x" :cy="y" :r="r" class="shell" :class="{ isEmpty }" />
      <path v-if="role === 'fuel'" :d="`M ${x - r} ${y} L ${x} ${y - r} L ${x + r} ${y} L ${x} ${y + r} Z`" class="mark" />
      <path v-else-if="role === 'feeds'" :d="`M ${x - r} ${y} H ${x + r} M ${x} ${y - r} V ${y + r}`" class="mark" />
      <text :x="x" :y="y + r + 22 + row * 24" class="tag">{{ tag }}</text>
    </g>
    <text
      v-for="{ key, from, to, label } in conflicts.slice(0, 1)"
      :key="`far ${key}`"
      :x="from[0] * 0.35 + to[0] * 0.65"
      :y="from[1] * 0.35 + to[1] * 0.65 - 14"
      class="far"
    >{{ label }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: auto;
  max-height: 340px;
  display: block;
  background: var(--panel);
  border: var(--line-rule) solid var(--ink);
}
.outline {
  fill: var(--bg);
  stroke: var(--strong-rule);
  stroke-width: 2;
}
.burns {
  fill: none;
  stroke: var(--hold);
  stroke-width: 3;
  stroke-dasharray: 4 6;
}
.wall {
  stroke: var(--ink);
  stroke-width: 10;
}
.wall.unrated {
  stroke-dasharray: 14 8;
  stroke-width: 6;
}
.near {
  stroke: var(--hold);
  stroke-width: 4;
  stroke-dasharray: 10 6;
}
.far {
  fill: var(--hold);
  font-size: var(--type-big);
  font-weight: 800;
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--bg);
  stroke-width: 6px;
}
.shell {
  fill: var(--panel);
  stroke: var(--ink);
  stroke-width: 4;
}
.shell.isEmpty {
  stroke-dasharray: 5 5;
}
.mark {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
.target {
  fill: transparent;
}
.cylinder {
  cursor: pointer;
}
.cylinder.chosen .shell {
  fill: var(--picked);
  stroke-width: 8;
}
.tag {
  font-size: var(--type-big);
  font-weight: 850;
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--bg);
  stroke-width: 5px;
}
.note {
  font-size: var(--type-head);
  fill: var(--soft);
  text-anchor: end;
}
</style>
