<script setup lang="ts">
/** How much of a limit is used, on the temper colours of steel: the length up to the limit, the limit and the action fraction marked. */
const { fraction, action } = defineProps<{ fraction: number, action: number }>()
/** The bar ends at one and a half limits; beyond that a cut end says that it goes on. */
const END = 1.5
const width = computed(() => `${Math.min(1, fraction / END) * 100}%`)
const tint = computed(() =>
  fraction <= action / 2 ? 'straw' : fraction <= action ? 'gold' : fraction <= 1 ? 'bronze' : fraction <= END ? 'purple' : 'blue',
)
</script>

<template>
  <span class="temper" aria-hidden="true">
    <i :class="tint" :style="{ width }" />
    <u class="action" :style="{ left: `${action / END * 100}%` }" />
    <u class="limit" :style="{ left: `${1 / END * 100}%` }" />
  </span>
</template>

<style scoped>
.temper { position: relative; display: block; height: 16px; border: var(--line-thin) solid var(--strong-rule); background: var(--bg); }
i { display: block; height: 100%; }
.straw { background: #e9d9a0; }
.gold { background: #d0a23c; }
.bronze { background: #a0622d; }
.purple { background: #6d3f7a; }
.blue { background: #27304f; clip-path: polygon(0 0, 100% 0, calc(100% - 7px) 50%, 100% 100%, 0 100%); }
u { position: absolute; top: -4px; bottom: -4px; width: 0; border-left: var(--line-heavy) solid var(--ink); }
.action { border-left: var(--line-rule) dashed var(--ink); }
</style>
