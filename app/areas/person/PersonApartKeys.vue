<script setup lang="ts">
import { peoplePages } from '~/words/people'

const says = peoplePages.apart

/** The keys of a record that is kept apart: written down, and erased for good once it is asked for. */
const { exists, asks, said } = defineProps<{
  exists: boolean
  /** What will be gone, in its own words. */
  asks: string
  /** What came of the last press. */
  said: string
}>()
defineEmits<{ erase: [] }>()
</script>

<template>
  <div class="keys">
    <FrameAsk v-if="exists" :asks="asks" :does="says.eraseIt" @done="$emit('erase')">
      {{ says.eraseThisRecord }}
    </FrameAsk>
    <FrameKey type="submit">
      {{ says.writeItDown }}
    </FrameKey>
  </div>
  <p role="status">
    {{ said }}
  </p>
</template>
