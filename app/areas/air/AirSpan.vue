<script setup lang="ts">
import type { Range } from '#core/range'
import { TEMPER, tintOf } from './temper'

/** From the 5th to the 95th percentile of a share of a limit, the middle a light line; each decade as long as the next. */
const { fraction, action, isPencil = false } = defineProps<{ fraction: Range, action: number, isPencil?: boolean }>()

/** Decades under the limit, and over it. */
const SCALE = { under: 2.5, over: 1.5 }
const at = (share: number): number =>
  (Math.min(SCALE.over, Math.max(-SCALE.under, Math.log10(Math.max(share, 1e-9)))) + SCALE.under) / (SCALE.under + SCALE.over) * 100
const bar = computed(() => ({
  left: `${at(fraction.low)}%`,
  width: `${Math.max(1, at(fraction.high) - at(fraction.low))}%`,
  background: TEMPER[tintOf(fraction.high, action)],
}))
</script>

<template>
  <span class="span" :class="{ pencilled: isPencil }" aria-hidden="true">
    <i :style="bar" />
    <u class="mid" :style="{ left: `${at(fraction.mid)}%` }" />
    <u class="action" :style="{ left: `${at(action)}%` }" />
    <u class="limit" :style="{ left: `${at(1)}%` }" />
  </span>
</template>

<style scoped>
.span { position: relative; display: block; height: 18px; background: var(--bg); border: var(--line-thin) solid var(--strong-rule); }
.pencilled { border-style: dashed; }
.pencilled i { opacity: 0.6; }
i { position: absolute; top: 2px; bottom: 2px; }
u { position: absolute; top: -5px; bottom: -5px; width: 0; border-left: var(--line-heavy) solid var(--ink); }
.action { border-left: var(--line-rule) dashed var(--ink); }
.mid { top: 0; bottom: 0; border-left: var(--line-heavy) solid var(--panel); }
</style>
