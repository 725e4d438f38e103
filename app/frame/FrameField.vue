<script setup lang="ts">
/** A labelled field whose message keeps its height, so that a button does not move away under the finger. */
const { label, wrong = '', hint = '', isGroup = false } = defineProps<{
  label: string
  wrong?: string | null
  hint?: string
  /** What is filled in has several parts, so that it is called by its label instead of being labelled by it. */
  isGroup?: boolean
}>()
const id = useId()
</script>

<template>
  <div class="field">
    <span v-if="isGroup" :id="`${id}-label`" class="label">{{ label }}</span>
    <label v-else :for="id" class="label">{{ label }}</label>
    <slot :id="id" :labelled-by="`${id}-label`" :described-by="`${id}-note`" />
    <p :id="`${id}-note`" class="note" :class="{ wrong }">
      {{ wrong || hint }}
    </p>
  </div>
</template>

<style scoped>
.field { display: grid; gap: 4px; align-content: start; }
.label { font-weight: 750; }
.note { min-height: 24px; color: var(--soft); font-size: 15px; }
.note.wrong { color: var(--stop); font-weight: 650; }
</style>
