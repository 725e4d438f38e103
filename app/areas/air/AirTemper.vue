<script setup lang="ts">
import { TEMPER, TEMPER_END, tintOf } from './temper'

/** How much of a limit is used, on the temper colours of steel: the length up to the limit, the limit and the action fraction marked. */
const { fraction, action } = defineProps<{ fraction: number, action: number }>()
/** The bar ends where the last colour begins; beyond that a cut end says that it goes on. */
const width = computed(() => `${Math.min(1, fraction / TEMPER_END) * 100}%`)
const tint = computed(() => tintOf(fraction, action))
</script>

<template>
  <span class="temper" aria-hidden="true">
    <i :class="tint" :style="{ width, background: TEMPER[tint] }" />
    <u class="action" :style="{ left: `${action / TEMPER_END * 100}%` }" />
    <u class="limit" :style="{ left: `${1 / TEMPER_END * 100}%` }" />
  </span>
</template>

<style scoped>
.temper { position: relative; display: block; height: 16px; border: var(--line-thin) solid var(--strong-rule); background: var(--bg); }
i { display: block; height: 100%; }
.blue { clip-path: polygon(0 0, 100% 0, calc(100% - 7px) 50%, 100% 100%, 0 100%); }
u { position: absolute; top: -4px; bottom: -4px; width: 0; border-left: var(--line-heavy) solid var(--ink); }
.action { border-left: var(--line-rule) dashed var(--ink); }
</style>
