<script setup lang="ts">
import { tradePages } from '~/words/trade'

/** One tap from where a learner meets an area: what it is about, and its words. */
const { of, name } = defineProps<{
  of: keyof typeof tradePages.about
  /** What the area is called here. */
  name: string
}>()
</script>

<template>
  <UPopover :content="{ side: 'bottom', align: 'end', collisionPadding: 8 }">
    <FrameKey look="quiet">
      {{ tradePages.page.whatIs(name) }}
    </FrameKey>
    <template #content>
      <FrameTradeWords class="laid-out" :of="of" />
    </template>
  </UPopover>
</template>

<style scoped>
.laid-out { max-height: min(70dvh, 560px); overflow: auto; }
</style>
