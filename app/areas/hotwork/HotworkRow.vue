<script setup lang="ts">
import { hasEnded } from '#core/streams/permit/permit-end'
import { fireWords } from '~/words/fire-words'
import type { PermitRow } from '#shared/contract/readings'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.row

/** One live permit on the board: place, how far it has come, who watches, what is due. The whole row is the target. */
const { row, chosen = false } = defineProps<{ row: PermitRow, chosen?: boolean }>()
const lookup = useLookup()
const { turn, left } = usePermitClock()
const now = computed(() => turn(row.permit))
const watching = computed(() => row.permit.posts.map(({ personId }) => lookup.names.get(personId) ?? says.somebody).join(', '))
const named = computed(() => row.permit.watchers.map(({ personId }) => lookup.names.get(personId) ?? says.somebody).join(', '))
</script>

<template>
  <NuxtLink
    class="row"
    :class="{ chosen }"
    prefetch-on="interaction"
    :to="`/hot-work/${row.permitId}`"
    :aria-current="chosen ? 'true' : undefined"
  >
    <span
      class="where"
    ><b>{{ row.permit.request.place.where }}</b><small class="chalk">{{ row.permit.request.job.what || says.noPermitStoodHere }}</small></span>
    <span class="way"><HotworkLine :phase="row.permit.phase" /><small>{{ fireWords.phases[row.permit.phase] }}</small></span>
    <span
      class="who"
    ><b>{{ watching || '–' }}</b><small class="soft">{{ watching ? says.onPost : row.permit.phase === 'monitoring' ? says.lookedAtNowAndThen : hasEnded(row.permit.phase) ? '' : named ? says.notOnPost(named) : says.noWatcherYet }}</small></span>
    <span class="turn"><b :class="`state-${now.tone}`">{{ now.says }}</b><small class="soft">{{ left(row.permit) }}</small></span>
  </NuxtLink>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) 186px minmax(0, 0.9fr) minmax(0, 1.1fr);
  gap: var(--space-2) var(--space-6);
  align-items: center;
  min-height: 72px;
  padding: var(--space-2) var(--space-4) var(--space-2) var(--space-5);
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
span {
  display: grid;
  min-width: 0;
  line-height: 1.2;
}
b {
  font-weight: 800;
  font-size: var(--type-lead);
  overflow-wrap: anywhere;
}
.turn b {
  font-size: var(--type-lead);
  font-weight: 900;
}
small {
  font-size: var(--type-small);
}
.way small {
  font-weight: 650;
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    padding: var(--space-5) var(--space-2);
  }
  .where,
  .way {
    grid-column: 1 / 3;
  }
}
</style>
