<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.stop
const { send } = useSender()

/** One tap, no question, no menu: every bay. One bay is stopped from its own sheet. The reason is asked after. */
const stopAll = () => send('station.stop-all', [], {})
</script>

<template>
  <FrameKey look="stop" @click="stopAll">
    {{ says.stopAll }}
  </FrameKey>
</template>

<style scoped>
.stop-key { height: 60px; padding: 0 var(--space-7); white-space: nowrap; align-self: stretch; }
</style>
