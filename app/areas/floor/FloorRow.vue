<script setup lang="ts">
import type { Placed } from '~/stores/judged'
import { floorPages } from '~/words/floor'

const says = floorPages.row

/** One bay on the board: the whole row is the target. */
const { placed, chosen } = defineProps<{ placed: Placed, chosen: boolean }>()
const lookup = useLookup()
const judged = useJudged()
const q = useQuantities()

const line = computed(() => placed.station.job ? jobLine(placed.station.job, q.value) : says.noJobYet)
/** Where nothing holds, what an instrument there reads now. */
const read = computed(() => {
  const now = judged.readAt(placed.bay)
  return now ? says.reads(words.monitorQuantities[now.quantity], `${now.value} ${now.unit}`) : ''
})
const reason = computed(() => placed.verdict.reason ? lookup.say(placed.verdict.reason).brief : read.value)
const gatesSaid = computed(() =>
  placed.verdict.gates.map(({ gate, state }) => `${words.gates[gate]} ${words.gateStates[state]}`).join(', '),
)
</script>

<template>
  <NuxtLink
    class="row"
    :class="{ chosen }"
    prefetch-on="interaction"
    :to="`/bay/${placed.bay.bayId}`"
    :aria-current="chosen ? 'true' : undefined"
    :aria-label="says.bay(
      placed.bay.label,
      placed.personName ?? says.nobody,
      line,
      words.stationWords[placed.verdict.word],
      reason,
      gatesSaid,
    )"
  >
    <span class="no">{{ placed.bay.label }}</span>
    <span class="who">
      <b class="name">{{ placed.personName ?? '–' }}</b>
      <span class="job" :class="placed.station.job ? 'chalk' : 'soft'">{{ line }}</span>
    </span>
    <StationRail class="rail" :verdict="placed.verdict" :stopped="placed.station.stop !== null" />
    <span class="say">
      <span class="top"><StateWord :word="placed.verdict.word" /><i v-if="placed.unsent" class="unsent pencil">{{ says.notSentYet }}</i></span>
      <span class="reason">{{ reason }}</span>
    </span>
  </NuxtLink>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 50px minmax(0, 226px) 287px minmax(0, 1fr);
  align-items: center;
  column-gap: var(--space-5);
  height: 56px;
  border-bottom: var(--line-thin) solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.row {
  scroll-margin: 66px 0 var(--space-2);
}
.row:hover {
  background: var(--panel);
}
.row.chosen {
  background: var(--panel);
  box-shadow: inset 7px 0 var(--ink);
}
.no {
  font-weight: 950;
  font-size: var(--type-figure);
  text-align: center;
  letter-spacing: -0.03em;
  padding-left: var(--space-3);
}
.who,
.say {
  display: flex;
  flex-direction: column;
  min-width: 0;
  line-height: 1.22;
}
.name {
  font-weight: 750;
}
.name,
.job,
.reason {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.top {
  display: flex;
  align-items: baseline;
  gap: var(--space-5);
}
.word {
  font-size: var(--type-lead);
}
.unsent {
  font-size: var(--type-fine);
}
.reason {
  font-size: var(--type-small);
  color: var(--soft);
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: 44px minmax(0, 1fr) minmax(0, 1.15fr);
    height: auto;
    min-height: 96px;
    padding: var(--space-2) 0;
    row-gap: 0;
  }
  .no {
    grid-row: 1 / 3;
  }
  .rail {
    grid-column: 2 / 4;
    grid-row: 2;
    justify-self: start;
  }
}
@media (max-width: 380px) {
  .rail {
    width: 270px;
  }
}
</style>
