<script setup lang="ts">
import type { HallPlan, PlanKind, Spot } from '#core/streams/hall/hall-plan'
import { PLAN_KINDS } from '#core/streams/hall/hall-plan'
import { outlineOf } from '~/areas/hall/plan'
import { useHallLook } from '~/areas/hall/useHallLook'
import { useLaserBeams } from '~/areas/laser/useLaserBeams'
import { hallPages } from '~/words/hall'

const says = hallPages.page

/** A hall from above: what floats in it at each hour, who breathes whose fume, and hoods put elsewhere to see what comes of it. */
const route = useRoute()
const facts = useFacts()
const session = useSession()
const hallId = computed(() => String(route.params.hallId))
const hall = computed(() => facts.site.halls.find(one => one.hallId === hallId.value) ?? null)
const {
  state, placed, chosen, tried, turned, substance, look, at, field, isKnown, isFailed, timeAt, seen, asItIs, use, far, bays, towardsOf,
  attempt, turn, reset,
} = useHallLook(() => hallId.value)

const opened = computed(() => {
  const found = placed.value.find(({ bay }) => bay.bayId === chosen.value)
  const here = found && seen.value.get(found.bay.bayId)
  return here ? { placed: found, here } : null
})
const beams = useLaserBeams(() => placed.value)
const unknown = computed(() => (field.value?.unknown ?? []).map(id => placed.value.find(({ bay }) => bay.bayId === id)?.bay.label ?? id))

/** The plan while it is drawn; null while it is looked at. */
const drawing = shallowRef<HallPlan | null>(null)
const picked = ref<number | null>(null)
const shownPlan = computed(() => drawing.value ?? state.value?.plan ?? null)
const kinds = computed<readonly PlanKind[]>(() => PLAN_KINDS.filter(kind => shownPlan.value?.things.some(one => one.kind === kind)))
function draw() {
  const plan = state.value?.plan ?? null
  const begun = plan ?? {
    outline: outlineOf(null, bays.value, hall.value?.size ?? null),
    things: [],
    ductsAt: {},
    hoodsTowardsDeg: {},
  }
  // Sides that were tried are kept with the drawing.
  drawing.value = { ...begun, hoodsTowardsDeg: { ...begun.hoodsTowardsDeg, ...turned.value } }
  picked.value = null
}
function put(spot: Spot) {
  if (!drawing.value) return
  const things = drawing.value.things.map((one, index) => index === picked.value ? { ...one, ...spot } : one)
  drawing.value = { ...drawing.value, things }
}
</script>

<template>
  <FrameBoard
    :title="hall ? says.planOf(hall.name) : says.noSuchHall"
    :label="opened ? says.bayOf(opened.placed.bay.label) : says.bays"
    :is-aside="opened !== null && drawing === null"
    :shares="[820, 460]"
    is-below
  >
    <template #keys>
      <NuxtLink class="key quiet link" to="/air">
        {{ says.toAir }}
      </NuxtLink>
      <FrameKey v-if="session.may('describe-air') && hall && !drawing" look="quiet" @click="draw">
        {{ says.drawIt }}
      </FrameKey>
    </template>
    <template v-if="hall">
      <HallPlan
        :label="says.fromAbove(hall.name, bays.length)"
        :plan="shownPlan"
        :sides="hall.size ?? null"
        :ducts="state?.ducts ?? null"
        :bays="bays"
        :far="far"
        :beams="beams"
        :near-field-radius-m="state?.air?.nearFieldRadiusM ?? 0.5"
        :chosen="chosen"
        :picked="picked"
        :is-drawing="drawing !== null"
        @choose="chosen = $event"
        @pick="picked = $event"
        @put="put"
      />
      <p v-if="!state?.air" class="said">
        {{ says.notDescribed }}
      </p>
      <p v-else-if="isFailed" class="said" role="alert">
        {{ says.failed }}
      </p>
      <p v-else-if="!isKnown" class="soft" role="status">
        {{ says.workingOut }}
      </p>
      <p v-else-if="!field" class="soft">
        {{ says.nothingBurns }}
      </p>
      <template v-else>
        <p v-if="unknown.length > 0" class="said">
          {{ says.unknown(unknown.join(', '), unknown.length) }}
        </p>
        <HallWhen :field="field" :at="at" :time-at="timeAt" @look="look = $event" @substance="substance = $event" />
      </template>
      <p v-if="beams.length > 0" class="soft">
        {{ says.beamsOf(beams.map(({ label }) => label).join(', '), beams.length) }}
      </p>
      <ul v-if="kinds.length > 0" class="legend" :aria-label="says.drawnThings">
        <li v-for="kind in kinds" :key="kind">
          <HallMark :kind="kind" />{{ says.kinds[kind] }}
        </li>
      </ul>
    </template>
    <template #aside>
      <HallDraw
        v-if="drawing"
        v-model:plan="drawing"
        v-model:picked="picked"
        :hall-id="hallId"
        :ducts="state?.ducts ?? null"
        @done="drawing = null"
      />
      <HallBay
        v-else-if="opened"
        :key="opened.placed.bay.bayId"
        :placed="opened.placed"
        :here="opened.here"
        :use="use"
        :before="asItIs.get(opened.placed.bay.bayId) ?? null"
        :tried="tried[opened.placed.bay.bayId]"
        :towards-deg="towardsOf(opened.placed.bay.bayId)"
        :near-field-radius-m="state?.air?.nearFieldRadiusM ?? 0.5"
        :substance="field ? words.substances[field.substance] : ''"
        @attempt="attempt(opened.placed.bay.bayId, $event)"
        @turn="turn(opened.placed.bay.bayId, $event)"
        @reset="reset(opened.placed.bay.bayId)"
        @close="chosen = null"
      />
      <HallBays v-else :bays="placed" :seen="seen" @choose="chosen = $event" />
    </template>
  </FrameBoard>
</template>

<style scoped>
.link { display: grid; place-items: center; }
.legend { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-6); margin: var(--space-4) 0; font-size: var(--type-small); }
.legend li { display: flex; align-items: center; gap: var(--space-3); }
</style>
