<script setup lang="ts">
import { hallIdOf } from '#core/air/air-facts'
import { purgeMinutes } from '#core/ventilation/room'
import type { Hall } from '#core/streams/site/site'
import type { Placed } from '~/stores/judged'
import { airPages } from '~/words/air'

const says = airPages.hall

/** A hall as a list that reads as a plan: who makes fume, how much of it gets loose, who breathes it; worst first. */
const { hall, chosen } = defineProps<{ hall: Hall, chosen: string | null }>()
const shopFacts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const q = useQuantities()

const state = computed(() => shopFacts.reading?.air.halls[hall.hallId] ?? null)
const bays = computed(() => judged.placed.filter(({ bay }) => hallIdOf(shopFacts.site, bay.bayId) === hall.hallId))
interface Row {
  readonly placed: Placed
  readonly fraction: number | null
  readonly looseMgPerMin: number
  readonly fromOthers: number
  readonly because: string | null
  readonly xM: number
  readonly yM: number
}
const rows = computed<readonly Row[]>(() =>
  bays.value
    .map((placed): Row => {
      const { prediction, exposure } = placed.verdict.air
      const gate = placed.verdict.byId.air
      const fume = prediction?.made['total-fume']?.high ?? 0
      const duty = (placed.station.job?.arcMinPerH ?? 0) / 60
      const worst = exposure?.worst && prediction?.breathed?.[exposure.worst.limit.substance]
      const fitted = state.value?.bays[placed.bay.bayId]
      const first = gate.findings[0]
      return {
        placed,
        fraction: exposure?.fraction ?? null,
        xM: fitted?.xM ?? 0,
        yM: fitted?.yM ?? 0,
        looseMgPerMin: prediction?.breathed ? fume * duty * (1 - prediction.capture.low) : 0,
        fromOthers: worst && worst.twa.high > 0 ? worst.twaFromOthers.high / worst.twa.high : 0,
        because: first && gate.state !== 'open' ? lookup.say(first).brief : null,
      }
    })
    .sort((a, b) => worstAirFirst(a.placed, b.placed)),
)

/** How long the hall takes to clear to a twentieth once the arcs stop. */
const clears = computed(() => {
  const air = state.value?.air
  const outdoor = air ? air.supplyM3PerS * air.outdoorShare : 0
  return air && outdoor > 0 ? says.clearsIn(q.value.minutes(Math.ceil(purgeMinutes(air.volumeM3, outdoor, 20, 1)))) : ''
})
const facts = computed(() => {
  const air = state.value?.air
  if (!air) return null
  return air.isOpenAir
    ? says.openAir
    : says.ceilingOutdoorAirAtThe(
        q.value.volume(air.volumeM3),
        q.value.height(air.ceilingM),
        q.value.airFlow(air.supplyM3PerS * air.outdoorShare),
        q.value.speed(air.airSpeedMPerS),
        clears.value,
      )
})
/** The plan: places in metres, drawn to fit. A bay's circle grows with what it lets loose. */
const plan = computed(() => {
  const placedAt = rows.value.filter(({ placed }) => state.value?.bays[placed.bay.bayId])
  if (placedAt.length < 2) return null
  const [left, right] = [Math.min(...placedAt.map(({ xM }) => xM)) - 3, Math.max(...placedAt.map(({ xM }) => xM)) + 3]
  const [top, bottom] = [Math.min(...placedAt.map(({ yM }) => yM)) - 3, Math.max(...placedAt.map(({ yM }) => yM)) + 3]
  const most = Math.max(...placedAt.map(({ looseMgPerMin }) => looseMgPerMin), 1e-9)
  return {
    view: `${left} ${top} ${right - left} ${bottom - top}`,
    left,
    top,
    width: right - left,
    height: bottom - top,
    marks: placedAt.map(row => ({ ...row, radius: 0.5 + 2 * Math.sqrt(row.looseMgPerMin / most) })),
  }
})
</script>

<template>
  <section class="hall" :aria-label="hall.name">
    <header>
      <h2>{{ hall.name }}</h2>
      <NuxtLink class="key quiet link plan-key" :to="`/hall/${hall.hallId}`" prefetch-on="interaction">
        {{ says.plan }}
      </NuxtLink>
      <NuxtLink v-if="session.may('describe-air')" class="key quiet link" :to="{ path: '/air', query: { do: `hall-${hall.hallId}` } }">
        {{ facts ? says.change : says.describeThisHall }}
      </NuxtLink>
    </header>
    <p class="facts" :class="facts ? 'chalk' : 'soft'">
      {{ facts ?? says.notDescribedYetItsBays }}
    </p>
    <svg
      v-if="plan"
      class="plan"
      :viewBox="plan.view"
      role="img"
      :aria-label="says.planOfCirclesGrowWith(hall.name)"
    >
      <rect :x="plan.left + 0.1" :y="plan.top + 0.1" :width="plan.width - 0.2" :height="plan.height - 0.2" class="wall" />
      <g v-for="{ placed, xM, yM, radius, looseMgPerMin } in plan.marks" :key="placed.bay.bayId">
        <circle
          v-if="looseMgPerMin > 0"
          :cx="xM"
          :cy="yM"
          :r="radius"
          class="loose"
          :class="{ held: placed.verdict.byId.air.state !== 'open' }"
        />
        <text :x="xM" :y="yM + 0.5" class="no">{{ placed.bay.label }}</text>
      </g>
    </svg>
    <ul>
      <li v-for="{ placed, fraction, looseMgPerMin, fromOthers, because } in rows" :key="placed.bay.bayId">
        <NuxtLink
          class="row"
          :class="{ chosen: placed.bay.bayId === chosen }"
          :to="`/air/${placed.bay.bayId}`"
          :aria-current="placed.bay.bayId === chosen ? 'true' : undefined"
        >
          <span class="label">{{ placed.bay.label }}</span>
          <span class="what">
            <span
              class="job"
              :class="placed.station.job ? 'chalk' : 'soft'"
            >{{ placed.station.job ? jobLine(placed.station.job, q) : says.noJob }}</span>
            <span
              class="soft small"
            >{{ looseMgPerMin > 0 ? says.letsLoose(q.rate(looseMgPerMin)) : placed.station.job ? says.fumeNotKnown : '' }}<template
              v-if="fromOthers > 0.02"
            >{{ says.fromOthers(Math.round(fromOthers * 100)) }}</template></span>
          </span>
          <svg
            class="mark"
            width="30"
            height="36"
            viewBox="-18 0 36 44"
            aria-hidden="true"
          ><GateMark :state="placed.verdict.byId.air.state" /></svg>
          <span class="use">
            <template v-if="fraction !== null">
              <AirTemper :fraction="fraction" :action="shopFacts.rules.actionFraction" />
              <b class="print">{{ q.part(fraction) }} <span class="visually-hidden">{{ says.ofTheLimit }}</span></b>
            </template>
            <span v-if="because" class="says">{{ because }}</span>
          </span>
        </NuxtLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.hall {
  margin-bottom: var(--space-8);
}
header {
  display: flex;
  align-items: center;
  border-top: var(--line-rule) solid var(--ink);
  min-height: 48px;
}
.plan-key { margin-left: auto; }
.link {
  display: grid;
  place-items: center;
  font-size: var(--type-small);
}
.facts {
  font-size: var(--type-small);
}
.plan {
  display: block;
  width: 100%;
  max-height: 150px;
  margin: var(--space-4) 0 var(--space-1);
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.14;
}
.loose {
  fill: var(--dim);
  stroke: var(--strong-rule);
  stroke-width: 0.08;
}
.loose.held {
  stroke-dasharray: 0.4 0.3;
  fill: none;
}
.no {
  font-size: 1.5px;
  font-weight: 900;
  text-anchor: middle;
  fill: var(--ink);
}
.row {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) 30px minmax(0, 180px);
  gap: var(--space-4);
  align-items: center;
  min-height: 60px;
  padding: var(--space-2) 0;
  border-bottom: var(--line-thin) solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.row:hover {
  background: var(--panel);
}
.row.chosen {
  background: var(--panel);
  box-shadow: inset 7px 0 var(--ink);
}
.label {
  font-weight: 950;
  font-size: var(--type-big);
  text-align: center;
}
.what {
  display: flex;
  flex-direction: column;
  min-width: 0;
  line-height: 1.25;
}
.small {
  font-size: var(--type-fine);
}
.use {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 78px;
  gap: var(--space-1) var(--space-4);
  align-items: center;
}
.use b {
  text-align: right;
  font-size: var(--type-small);
  white-space: nowrap;
}
.job {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.says {
  grid-column: 1 / -1;
  font-size: var(--type-fine);
  line-height: 1.2;
  color: var(--soft);
}
/* On a phone how much is used stands under what is done. */
@media (max-width: 700px) {
  .row {
    grid-template-columns: 40px minmax(0, 1fr) 30px;
    row-gap: var(--space-1);
    padding: var(--space-4) 0;
  }
  .label {
    grid-row: 1 / 3;
  }
  .use {
    grid-column: 2 / -1;
  }
}
</style>
