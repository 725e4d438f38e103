<script setup lang="ts">
import { tradePages } from '~/words/trade'

/** What an area is about, in a sentence or two, and the trade's words in it. */
const { of } = defineProps<{ of: keyof typeof tradePages.about }>()
</script>

<template>
  <div class="trade">
    <p>{{ tradePages.about[of] }}</p>
    <dl>
      <div v-for="({ word, means }, key) in tradePages[of]" :key="key">
        <dt>{{ word }}</dt>
        <dd>{{ means }}</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.trade { display: grid; gap: var(--space-4); font-weight: 450; }
dl > div { border-top: var(--line-thin) solid var(--rule); padding: var(--space-3) 0; }
dt { font-weight: 750; }
</style>
