<script setup lang="ts">
import type { Word } from '#core/clearance/gate'

/** The word at the end of the rail, with its plate when stopped: word and shape, then colour. */
const { word } = defineProps<{ word: Word }>()
</script>

<template>
  <b class="word" :class="`word-${word}`"><svg
    v-if="word === 'stopped'"
    width="16"
    height="16"
    viewBox="0 0 16 16"
    aria-hidden="true"
  ><path d="M0 0h10l6 6v10H0z" fill="var(--stop)" /></svg>{{ words.stationWords[word] }}</b>
</template>

<style scoped>
.word { font-weight: 850; display: inline-flex; align-items: center; gap: var(--space-3); }
</style>
