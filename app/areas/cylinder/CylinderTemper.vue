<script setup lang="ts">
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
    <i :class="tint" :style="{ width: `${fraction * 100}%` }" />
    <u v-if="need !== null && need < full" :style="{ left: `${need / full * 100}%` }" />
  </span>
</template>

<style scoped>
.temper { position: relative; display: block; height: 16px; border: var(--line-thin) solid var(--strong-rule); background: var(--bg); }
i { display: block; height: 100%; }
.straw { background: #e9d9a0; }
.gold { background: #d0a23c; }
.bronze { background: #a0622d; }
.purple { background: #6d3f7a; }
.blue { background: #27304f; }
u { position: absolute; top: -4px; bottom: -4px; width: 0; border-left: var(--line-heavy) solid var(--ink); }
</style>
