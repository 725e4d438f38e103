<script setup lang="ts">
import type { GarmentVerdict } from '#core/ids/garment-ids'
import type { ZoneId } from '#core/ids/vocabulary'
import { doorPages } from '~/words/door'

const says = doorPages.figure

/** Somebody from head to foot, half from the front and half from the back, each zone a key with a line to where it is. */
export type FigureState = GarmentVerdict | 'untold' | 'told'
const { states } = defineProps<{ states: Readonly<Partial<Record<ZoneId, FigureState>>> }>()
const chosen = defineModel<ZoneId | null>({ required: true })

/** From the top down, so that no two lines cross; where each line ends, in the drawing. */
const FRONT: readonly (readonly [ZoneId, number, number])[] = [
  ['eyes', 66, 37], ['face', 62, 50], ['lungs', 70, 62], ['neck', 73, 76], ['torso', 58, 130], ['pockets', 62, 190], ['lap', 66, 240],
]
const BACK: readonly (readonly [ZoneId, number, number])[] = [
  ['hair-head', 94, 20], ['ears', 104, 42], ['arms', 126, 150], ['hands', 136, 216], ['legs', 96, 310], ['feet', 96, 388],
]
const HEIGHT = 420
/** What lies between two keys, px: the space of that size. */
const GAP = 4
const rowsOf = (zones: typeof FRONT) => zones.map(([zone, x, y], index) => ({ zone, x, y, rowY: (index + 0.5) * HEIGHT / zones.length }))
const [front, back] = [rowsOf(FRONT), rowsOf(BACK)]
/** What is drawn of each zone. */
const SHAPES: Readonly<Record<ZoneId, string>> = {
  'hair-head': 'M80 6c16 0 25 13 25 30v8l-6 20H80z',
  'ears': 'M101 34h9v18h-9z',
  'eyes': 'M58 31h22v12H58z',
  'face': 'M80 10C66 10 56 20 56 34v12c0 12 10 24 24 24z',
  'lungs': 'M64 54h16v16H72c-5-3-8-9-8-16z',
  'neck': 'M68 72h12v12H60z',
  'torso': 'M80 86H48l-6 8 8 118h30z',
  'pockets': 'M54 180h20v20H54z',
  'lap': 'M50 214h30v60H54z',
  'arms': 'M80 86h34l10 10 20 108-16 4-14-76-4 80H80zM46 87l-10 9-20 108 16 4 17-92z',
  'hands': 'M126 210l18-4 2 18-8 10-12-6zM34 210l-18-4-2 18 8 10 12-6z',
  'legs': 'M80 214h32l-4 158H82zM52 276h28l-2 96H54z',
  'feet': 'M82 374h27l14 22v8H82zM78 374H53l-14 22v8h39z',
}
/** Parts that lie over others are drawn after them. */
const DRAWN: readonly ZoneId[] = [
  'legs', 'feet', 'arms', 'torso', 'lap', 'pockets', 'hands', 'neck', 'hair-head', 'ears', 'face', 'eyes', 'lungs',
]
const stateOf = (zone: ZoneId): FigureState => states[zone] ?? 'untold'
const MARKS = { 'untold': 'to-do', 'told': 'to-do', 'pass': 'open', 'pass-with-caution': 'open', 'fail': 'hold' } as const
</script>

<template>
  <div class="plate" role="group" :aria-label="says.figure">
    <div v-for="[side, rows] in [['front', front], ['back', back]] as const" :key="side" :class="side">
      <FrameKey
        v-for="{ zone } in rows"
        :key="zone"
        class="zone"
        :picked="chosen === zone"
        :style="{ height: `${HEIGHT / rows.length - GAP}px` }"
        @click="chosen = zone"
      >
        <svg width="16" height="30" viewBox="-20 0 40 44" aria-hidden="true"><GateMark :state="MARKS[stateOf(zone)]" /></svg>
        <span><b>{{ words.zones[zone] }}</b><small>{{ says.states[stateOf(zone)] }}</small></span>
      </FrameKey>
    </div>
    <svg class="drawn" viewBox="0 0 160 420" :height="HEIGHT" aria-hidden="true">
      <path class="half" d="M80 2v412" />
      <path
        v-for="zone in DRAWN"
        :key="zone"
        :d="SHAPES[zone]"
        :class="[stateOf(zone), { chosen: chosen === zone }]"
        @click="chosen = zone"
      />
      <path v-for="{ zone, x, y, rowY } in front" :key="zone" class="to" :d="`M0 ${rowY}L${x} ${y}`" />
      <path v-for="{ zone, x, y, rowY } in back" :key="zone" class="to" :d="`M160 ${rowY}L${x} ${y}`" />
    </svg>
  </div>
</template>

<style scoped>
.plate {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(96px, 160px) minmax(0, 1fr);
  gap: 0;
  max-width: 560px;
}
.front, .back { display: flex; flex-direction: column; gap: var(--space-2); }
.front { grid-column: 1; grid-row: 1; }
.back { grid-column: 3; grid-row: 1; justify-content: space-between; }
.drawn { grid-column: 2; grid-row: 1; width: 100%; }
.zone {
  display: flex;
  flex-direction: row;
  align-items: center;
  justify-content: flex-start;
  gap: var(--space-2);
  padding: 0 var(--space-2);
  text-align: left;
  min-width: 0;
}
.zone svg { flex: none; }
.zone span { display: grid; min-width: 0; white-space: normal; line-height: 1.15; }
.zone b { font-size: var(--type-small); }
.zone b::first-letter { text-transform: uppercase; }
.zone small { font-weight: 500; font-size: var(--type-fine); }
.drawn path { fill: var(--panel); stroke: var(--ink); stroke-width: 1.5; cursor: pointer; }
.drawn .untold { stroke-dasharray: 4 3; stroke: var(--soft); }
.drawn .pass, .drawn .pass-with-caution { stroke: var(--open); stroke-width: 2.5; }
.drawn .fail { fill: var(--hold); stroke: var(--hold); }
.drawn .chosen { stroke: var(--ink); stroke-width: 4; }
.drawn .to { stroke: var(--soft); stroke-width: 1; fill: none; pointer-events: none; }
.drawn .half { stroke: var(--rule); stroke-dasharray: 2 6; stroke-width: 1; }
</style>
