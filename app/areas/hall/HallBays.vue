<script setup lang="ts">
import type { Placed } from '~/stores/judged'
import { hallPages } from '~/words/hall'
import type { SeenBay } from './useHallLook'

const says = hallPages.bays

/** The bays of a hall in numbers, worst first: what is used of a limit there, and what floats round the arc. */
const { bays, seen } = defineProps<{
  bays: readonly Placed[]
  seen: ReadonlyMap<string, SeenBay>
}>()
const emit = defineEmits<{ choose: [bayId: string] }>()
const facts = useFacts()
const q = useQuantities()
const rows = computed(() => bays
  .map(placed => ({ placed, here: seen.get(placed.bay.bayId) }))
  .sort((a, b) => (b.here?.use?.fraction ?? -1) - (a.here?.use?.fraction ?? -1)))
</script>

<template>
  <h2>{{ says.theBays }}</h2>
  <p class="soft">
    {{ says.tapOne }}
  </p>
  <ul>
    <li v-for="{ placed, here } in rows" :key="placed.bay.bayId">
      <FrameKey look="bare" class="row" @click="emit('choose', placed.bay.bayId)">
        <b class="no">{{ placed.bay.label }}</b>
        <span class="what">
          <span :class="placed.station.job ? 'chalk' : 'soft'">{{ placed.station.job ? jobLine(placed.station.job, q) : says.noJob }}</span>
          <span
            v-if="here?.shown"
            class="soft"
          >{{ says.roundTheArc(q.concentration(here.shown.mid), q.concentration(here.shown.high)) }}</span>
          <span v-if="here && !here.isCounted && placed.station.job" class="soft">{{ says.notCounted }}</span>
        </span>
        <span v-if="here?.use?.fraction != null" class="use">
          <AirTemper :fraction="here.use.fraction" :action="facts.rules.actionFraction" />
          <b class="print">{{ q.part(here.use.fraction) }}</b>
        </span>
      </FrameKey>
    </li>
  </ul>
</template>

<style scoped>
h2 { font-size: var(--type-big); }
.row {
  display: grid; grid-template-columns: 44px minmax(0, 1fr) 130px; gap: var(--space-4); align-items: center; width: 100%;
  min-height: 64px; text-align: left; border-bottom: var(--line-thin) solid var(--rule);
}
.no { font-size: var(--type-big); font-weight: 950; text-align: center; }
.what { display: grid; font-size: var(--type-small); font-weight: 500; }
.use { display: grid; gap: var(--space-1); }
.use b { text-align: right; font-size: var(--type-small); }
</style>
