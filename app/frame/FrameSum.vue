<script setup lang="ts">
/** A sum that is worked out as it is typed: what it asks, and under a rule what it comes to, once it can be said. */
const { title, level = 2 } = defineProps<{
  title: string
  /** How deep its heading stands on the page. */
  level?: 2 | 3
}>()
defineSlots<{ default: () => unknown, answer?: () => unknown }>()
const id = useId()
</script>

<template>
  <section :aria-labelledby="id">
    <component :is="`h${level}`" :id="id">
      {{ title }}
    </component>
    <slot />
    <div v-if="$slots.answer" class="ruled answer" aria-live="polite">
      <slot name="answer" />
    </div>
  </section>
</template>

<style scoped>
section { display: grid; gap: var(--space-4); }
.answer { padding-top: var(--space-4); }
.answer :slotted(.big) { font-size: var(--type-figure); font-weight: 850; line-height: 1.1; }
.answer :slotted(.big small) { font-size: var(--type-lead); font-weight: 650; }
</style>
