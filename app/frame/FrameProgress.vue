<script setup lang="ts">
import { partPages } from '~/words/parts'

const says = partPages.progress

/** Work that takes long: how far it has come, in words beside the bar, and a key that ends it. */
const { label, share } = defineProps<{
  label: string
  /** 0 to 1; null while nobody can tell. */
  share: number | null
}>()
const emit = defineEmits<{ cancel: [] }>()
</script>

<template>
  <div class="progress">
    <p role="status">
      {{ label }}
    </p>
    <UProgress :model-value="share === null ? null : Math.round(share * 100)" :aria-label="label" />
    <FrameKey @click="emit('cancel')">
      {{ says.leaveIt }}
    </FrameKey>
  </div>
</template>

<style scoped>
.progress { display: grid; grid-template-columns: minmax(140px, 320px) auto; gap: var(--space-2) var(--space-6); align-items: center; }
.progress p { grid-column: 1 / -1; font-weight: 650; }
</style>
