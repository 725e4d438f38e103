<script setup lang="ts">
import type { tradePages } from '~/words/trade'

/** What an area is about and its words, folded until somebody asks: they are fetched then. */
const { of, label } = defineProps<{ of: keyof typeof tradePages.about, label: string }>()
const isTold = ref(false)
</script>

<template>
  <details @toggle="isTold = ($event.target as HTMLDetailsElement).open">
    <summary class="key quiet">
      {{ label }}
    </summary>
    <LazyFrameTradeWords v-if="isTold" :of="of" />
  </details>
</template>

<style scoped>
details { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-3); }
summary { display: inline-grid; place-items: center; min-height: 56px; }
</style>
