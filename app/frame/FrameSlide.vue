<script setup lang="ts">
/**
 * A number drawn along a line. The browser's own control: Nuxt UI's calls its thumb "Thumb" and cannot say a value in words, which is
 * all that somebody hears who does not see the line.
 */
const { label, said, value, min, max, step, isTried = false } = defineProps<{
  label: string
  said: string
  value: number
  min: number
  max: number
  step: number
  isTried?: boolean
}>()
const emit = defineEmits<{ drawn: [value: number] }>()
</script>

<template>
  <label class="slide">
    <span>{{ label }} <b :class="isTried ? 'pencil' : 'chalk'">{{ said }}</b></span>
    <input
      type="range"
      :min="min"
      :max="max"
      :step="step"
      :value="value"
      :aria-valuetext="said"
      @input="emit('drawn', Number(($event.target as HTMLInputElement).value))"
    >
  </label>
</template>

<style scoped>
.slide { display: grid; }
span { display: flex; justify-content: space-between; margin-bottom: calc(-1 * var(--space-4)); }
/* A track that a gloved finger finds: the whole height takes the touch. */
input { height: 56px; width: 100%; appearance: none; background: none; cursor: grab; }
input::-webkit-slider-runnable-track { height: 6px; background: var(--strong-rule); }
input::-moz-range-track { height: 6px; background: var(--strong-rule); }
input::-webkit-slider-thumb {
  appearance: none;
  width: 26px;
  height: 38px;
  margin-top: calc(-1 * var(--space-7));
  background: var(--key);
  border: var(--line-heavy) solid var(--panel);
  border-radius: 0;
}
input::-moz-range-thumb {
  width: 26px; height: 38px; background: var(--key); border: var(--line-heavy) solid var(--panel); border-radius: 0;
}
</style>
