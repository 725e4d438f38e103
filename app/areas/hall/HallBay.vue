<script setup lang="ts">
import type { UseAtBay } from '#core/air/hall-field'
import type { WhatIf } from '#core/air/what-if'
import { HOOD_PLACEMENTS, needsPosition } from '#core/air/bay-air'
import type { Placed } from '~/stores/judged'
import { hallPages } from '~/words/hall'
import { sharePercent } from './useHallLook'
import type { SeenBay } from './useHallLook'

const says = hallPages.bay

/** One bay of a hall: what whoever works there uses, whose fume that is, and its hood, to be tried elsewhere. */
const { placed, here, use, before, tried, towardsDeg, substance } = defineProps<{
  placed: Placed
  here: SeenBay
  /** What is used here; undefined while it is worked out. */
  use: UseAtBay | undefined
  /** What is used as everything stands; null where it cannot be said. */
  before: number | null
  tried: WhatIf | undefined
  towardsDeg: number
  nearFieldRadiusM: number
  substance: string
}>()
const emit = defineEmits<{ attempt: [change: WhatIf], turn: [towardsDeg: number], reset: [], close: [] }>()
const facts = useFacts()
const lookup = useLookup()
const q = useQuantities()
const session = useSession()
const judged = useJudged()

const extraction = computed(() => judged.viewAt(placed.bay).air.extraction)
const canPlace = computed(() => extraction.value?.kind === 'arm' || extraction.value?.kind === 'opening')
/** Where it is tried, before what comes of it is worked out: a hand is never waited for. */
const distanceM = computed(() => tried?.distanceM ?? here.distanceM)
const isAbove = computed(() => here.hood?.kind === 'canopy' || (canPlace.value && tried?.placement
  ? tried.placement === 'above'
  : here.hood?.kind === 'overhead'))
const fraction = computed(() => use?.fraction ?? null)
/** Under the share at which the site acts, and nothing else holds it. */
const isUnder = computed(() => fraction.value !== null && fraction.value <= facts.rules.actionFraction && use!.holds.length === 0)
/** What holds it before what its hood does. */
const because = computed(() => {
  const said = use?.holds[0] ?? here.window?.findings[0]
  if (!said) return here.hood ? '' : says.noHoodPlaced
  const { message, todo } = lookup.say(said)
  return [message, todo].filter(Boolean).join(' ')
})
const isWatched = computed(() => judged.viewAt(placed.bay).air.monitors.length > 0)
const labelOf = (bayId: string): string => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
const mayPlace = computed(() => session.may('door-checks', { bayId: placed.bay.bayId, areaId: placed.bay.areaId }))
const isTried = computed(() => tried !== undefined && Object.keys(tried).length > 0)

function move(to: { readonly distanceM: number, readonly towardsDeg: number }) {
  if (to.towardsDeg !== towardsDeg) emit('turn', to.towardsDeg)
  if (to.distanceM !== distanceM.value) emit('attempt', { ...tried, distanceM: to.distanceM })
}
</script>

<template>
  <section class="of-bay" :aria-label="says.bay(placed.bay.label)">
    <header class="head">
      <h2>
        {{ says.bay(placed.bay.label) }} <small class="chalk">{{ placed.station.job ? jobLine(placed.station.job, q) : says.noJob }}</small>
      </h2>
      <FrameKey look="quiet" @click="emit('close')">
        {{ says.close }}
      </FrameKey>
    </header>
    <p class="sum" role="status">
      <b v-if="isTried" class="pencil">{{ says.tried }}</b>
      <template v-if="fraction !== null">
        <b class="number print" :class="isUnder ? 'state-open' : 'state-hold'">{{ q.part(fraction) }}</b>
        <span>{{ says.ofTheLimit }}{{ isTried && before !== null && before !== fraction ? says.before(q.part(before)) : '' }}</span>
      </template>
      <span v-else>{{ placed.station.job ? says.cannotBeSaid : says.nobodyWorks }}</span>
    </p>
    <p v-if="!here.isCounted && placed.station.job" class="soft">
      {{ says.notCounted }}
    </p>
    <template v-if="here.hood && distanceM !== null && extraction && needsPosition(extraction.kind)">
      <HallCloseUp
        :hood="here.hood"
        :distance-m="distanceM"
        :towards-deg="towardsDeg"
        :window="here.window"
        :is-above="isAbove"
        :near-field-radius-m="nearFieldRadiusM"
        :tint="here.tint"
        :is-tried="isTried"
        @move="move"
      />
      <FrameChoice
        v-if="canPlace"
        is-heard
        :label="says.hoodStands"
        :ids="HOOD_PLACEMENTS"
        :named="one => words.placements[one]"
        :model-value="isAbove ? 'above' : 'beside'"
        @update:model-value="$event !== '' && emit('attempt', { ...tried, placement: $event })"
      />
    </template>
    <p v-if="because" :class="use && use.holds.length > 0 ? 'said' : 'soft'">
      {{ because }}
    </p>
    <p v-if="isWatched" class="soft">
      {{ says.watched }}
    </p>
    <div class="keys">
      <FrameKey v-if="isTried" @click="emit('reset')">
        {{ says.asItIs }}
      </FrameKey>
      <NuxtLink v-if="mayPlace && isTried" class="key link" :to="{ path: `/bay/${placed.bay.bayId}`, query: { do: 'air' } }">
        {{ says.setItAtTheBay }}
      </NuxtLink>
      <NuxtLink class="key link" :to="`/air/${placed.bay.bayId}`">
        {{ says.itsAir }}
      </NuxtLink>
    </div>
    <template v-if="use && use.from.length > 0">
      <h3>{{ says.whoseFume(substance) }}</h3>
      <ul class="from">
        <li v-for="{ bayId, share } in use.from" :key="bayId">
          <span>{{ bayId === placed.bay.bayId ? says.own : says.bay(labelOf(bayId)) }}</span>
          <span class="bar" aria-hidden="true"><i :style="{ width: `${share * 100}%` }" /></span>
          <b class="print">{{ sharePercent(share) }}</b>
        </li>
      </ul>
      <p class="soft">
        {{ says.overTheDay }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.of-bay { display: grid; gap: var(--space-4); }
.head { display: flex; justify-content: space-between; align-items: center; gap: var(--space-4); }
h2 { font-size: var(--type-big); }
h2 small { font-size: var(--type-lead); }
h3 { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.sum { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-5); align-items: baseline; }
.number { font-size: var(--type-great); font-weight: 900; line-height: 1; }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.link { display: grid; place-items: center; }
.from li {
  display: grid; grid-template-columns: minmax(0, 120px) minmax(0, 1fr) 60px; gap: var(--space-4); align-items: center;
  min-height: 40px; border-bottom: var(--line-thin) solid var(--rule);
}
.from b { text-align: right; }
.bar { display: block; height: 12px; }
.bar i { display: block; height: 100%; background: var(--strong-rule); }
</style>
