<script setup lang="ts">
import { TEMPER } from '~/areas/air/temper'

/** How much of a full cylinder is left, on the temper colours of steel, with the job's need marked on it. */
const { left, full, need = null } = defineProps<{ left: number, full: number, need?: number | null }>()
const fraction = computed(() => Math.max(0, Math.min(1, left / full)))
const tint = computed(() =>
  fraction.value > 0.8
    ? 'blue'
    : fraction.value > 0.6
      ? 'purple'
      : fraction.value > 0.4
        ? 'bronze'
        : fraction.value > 0.2
          ? 'gold'
          : 'straw',
)
</script>

<template>
  <span class="temper" aria-hidden="true">
    <i :style="{ width: `${fraction * 100}%`, background: TEMPER[tint] }" />
    <u v-if="need !== null && need < full" :style="{ left: `${need / full * 100}%` }" />
  </span>
</template>

<style scoped>
.temper { position: relative; display: block; height: 16px; border: var(--line-thin) solid var(--strong-rule); background: var(--bg); }
i { display: block; height: 100%; }
u { position: absolute; top: -4px; bottom: -4px; width: 0; border-left: var(--line-heavy) solid var(--ink); }
</style>
