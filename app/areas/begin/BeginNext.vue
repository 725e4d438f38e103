<script setup lang="ts">
import { beginPages } from '~/words/begin'

const says = beginPages.page

/** The way to what a new shop lacks next; nothing once a bay was clear, or is planned like any other day. */
const { steps, next, hold } = useBegun()
const to = computed(() => (next.value?.id === 'gates' && hold.value ? `/bay/${hold.value.bayId}?do=${hold.value.gate}` : '/first-steps'))
const called = computed(() => {
  if (!next.value) return ''
  return next.value.id === 'gates' && hold.value ? says.atBay(hold.value.label, words.gates[hold.value.gate]) : says.steps[next.value.id]
})
const done = computed(() => steps.value.filter(({ isDone }) => isDone).length)
</script>

<template>
  <NuxtLink v-if="next" class="next" :to="to" prefetch-on="interaction">
    <b class="print">{{ done }}/{{ steps.length }}</b>
    <span>{{ says.nextIs(called) }}</span>
  </NuxtLink>
</template>

<style scoped>
.next {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  min-height: 56px;
  padding: 0 var(--space-6);
  border-bottom: var(--line-rule) solid var(--ink);
  font-weight: 750;
}
.next b { font-size: var(--type-big); font-weight: 900; }
.next span { text-decoration: underline; text-underline-offset: 4px; }
</style>
