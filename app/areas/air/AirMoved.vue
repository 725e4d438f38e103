<script setup lang="ts">
import type { Range } from '#core/range'
import { airPages } from '~/words/air'

const says = airPages.calibration

/** Shares of a limit as they were reckoned, and as samples have them: a bar each. What is only carried here is in pencil. */
const { moved, said, isPencil = false } = defineProps<{
  moved: { readonly before: Range, readonly after: Range }
  /** What the second bar is called. */
  said: string
  isPencil?: boolean
}>()
const facts = useFacts()
const q = useQuantities()
const rows = computed(() => [
  { said: says.reckoned, share: moved.before, isPencil: false },
  { said, share: moved.after, isPencil },
])
</script>

<template>
  <ul>
    <li v-for="row in rows" :key="row.said">
      <span :class="{ pencil: row.isPencil }">{{ row.said }}</span>
      <AirSpan :is-pencil="row.isPencil" :fraction="row.share" :action="facts.rules.actionFraction" />
      <b :class="row.isPencil ? 'pencil' : 'print'">{{ says.middleAndHigh(q.part(row.share.mid), q.part(row.share.high)) }}</b>
    </li>
  </ul>
</template>

<style scoped>
ul { list-style: none; margin: 0; padding: 0; }
li {
  display: grid; grid-template-columns: minmax(0, 190px) minmax(120px, 1fr) 240px; gap: var(--space-5); align-items: center;
  padding: var(--space-3) 0;
}
b { text-align: end; font-weight: 750; white-space: nowrap; }
@media (max-width: 700px) {
  li { grid-template-columns: minmax(0, 1fr) auto; }
  li .span { grid-column: 1 / -1; grid-row: 2; }
}
</style>
