<script setup lang="ts">
import { needsCover } from '#core/streams/permit/permit-deadlines'
import { fireWords } from '~/words/fire-words'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.wall

/** The wall board: live permits, large enough to be read across a yard. */
const lookup = useLookup()
const clock = useClock()
const { reading } = useReading('permits', () => ({ limit: 12 }), among('permit/'))
const { turn, left } = usePermitClock()
const rows = computed(
  () =>
    reading.value?.live.map(row => ({
      ...row,
      turn: turn(row.permit),
      left: left(row.permit),
      watching: row.permit.posts.map(({ personId }) => lookup.names.get(personId) ?? says.somebody).join(', '),
    })) ?? [],
)
const dates = useDates()
const time = computed(() => dates.time(new Date(clock.nowMs.value).toISOString()))
</script>

<template>
  <main class="wall">
    <header>
      <h1>{{ says.hotWork }}</h1>
      <p class="print">
        {{ time }}
      </p>
      <NuxtLink class="key quiet link" to="/hot-work">
        {{ says.close }}
      </NuxtLink>
    </header>
    <NuxtLink v-for="row in rows" :key="row.permitId" class="row" :class="`tone-${row.turn.tone}`" :to="`/hot-work/${row.permitId}`">
      <span><b>{{ row.permit.request.place.where }}</b><small>{{ row.permit.code }}, {{ fireWords.phases[row.permit.phase] }}</small></span>
      <span>
        <b>{{ row.watching || (needsCover({ ...row.permit, token: '' }) ? says.nobody : '–') }}</b>
        <small v-if="row.watching">{{ says.watches }}</small>
        <small v-else>{{ row.permit.phase === 'monitoring' ? says.lookedAtNowAndThen : says.notOnWatchYet }}</small>
      </span>
      <span class="turn"><b :class="`state-${row.turn.tone}`">{{ row.turn.says }}</b><small>{{ row.left }}</small></span>
    </NuxtLink>
    <p v-if="reading && rows.length === 0" class="none">
      {{ says.noHotWorkOutsideThe }}
    </p>
    <EmergencyCalls class="call" :calls="['emergency', 'fire-point']" />
  </main>
</template>

<style scoped>
.wall {
  flex: 1;
  display: flex;
  flex-direction: column;
  padding: var(--space-5) var(--space-9) var(--space-6);
}
header {
  display: flex;
  align-items: baseline;
  gap: var(--space-9);
  border-bottom: 4px solid var(--ink);
}
h1 {
  font-size: var(--type-great);
}
header .print {
  font-size: var(--type-great);
  font-weight: 900;
  margin-left: auto;
}
.link {
  display: grid;
  place-items: center;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 0.8fr) minmax(0, 1.1fr);
  gap: var(--space-8);
  align-items: center;
  min-height: 108px;
  border-bottom: var(--line-rule) solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.row.tone-stop {
  box-shadow: inset 12px 0 var(--stop);
  padding-left: var(--space-9);
}
span {
  display: grid;
  min-width: 0;
  line-height: 1.12;
}
b {
  font-size: var(--type-figure);
  font-weight: 900;
  letter-spacing: -0.01em;
  overflow-wrap: anywhere;
}
.turn b {
  font-size: var(--type-great);
}
small {
  font-size: var(--type-head);
  color: var(--soft);
  font-weight: 600;
}
.none {
  font-size: var(--type-figure);
  font-weight: 700;
  padding: var(--space-10) 0;
}
.call {
  margin-top: auto;
  padding-top: var(--space-6);
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-2);
    padding: var(--space-5) 0;
  }
  h1,
  header .print {
    font-size: var(--type-figure);
  }
  b,
  .turn b {
    font-size: var(--type-big);
  }
}
</style>
