<script setup lang="ts">
/** A page with a list on the left and what is opened of it on the right; on a phone it is the one or the other. */
const { shares } = defineProps<{
  title: string
  /** What the right side is called by whoever does not see it. */
  label: string
  /** Something of the list, or of what can be done here, is opened. */
  isAside: boolean
  /** How the two share the width, px of 1280. */
  shares: readonly [list: number, aside: number]
  /** Why the list could not be read; empty where it could. */
  problem?: string | null
  /** What is said until it was read; left out once it was, or where nothing is waited for. */
  waits?: string
  /** What the right side says while nothing is opened is worth reading on a phone too, below the list. */
  isBelow?: boolean
  /** The list has the whole width while nothing is opened. */
  isWhole?: boolean
}>()
const width = computed(() => ({ '--list': `${shares[0]}fr`, '--opened': `${shares[1]}fr` }))
</script>

<template>
  <main class="board" :class="{ aside: isAside, below: isBelow, whole: isWhole && !isAside }" :style="width">
    <div class="left">
      <header class="top">
        <h1 class="title">
          {{ title }}
        </h1>
        <slot name="keys" />
      </header>
      <slot name="before" />
      <p v-if="problem" class="said" role="alert">
        {{ problem }}
      </p>
      <p v-if="waits" class="soft" role="status">
        {{ waits }}
      </p>
      <slot />
    </div>
    <aside v-if="isAside || !isWhole" class="right" tabindex="0" :aria-label="label">
      <slot name="aside" />
    </aside>
  </main>
</template>

<style scoped>
.board {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, var(--list)) minmax(0, var(--opened));
  min-height: 0;
}
.whole { grid-template-columns: minmax(0, 1fr); }
.left { padding: var(--space-6) var(--space-7) var(--space-9) var(--space-8); min-width: 0; }
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
  padding-bottom: var(--space-4);
}
.title { margin-right: auto; font-size: var(--type-figure); font-weight: 900; letter-spacing: -0.01em; }
.right {
  border-left: var(--line-heavy) solid var(--ink);
  background: var(--panel);
  padding: var(--space-6) var(--space-8) var(--space-9);
  min-width: 0;
}
@media (min-width: 901px) {
  .right { position: sticky; top: 63px; height: calc(100dvh - 63px); overflow: auto; }
}
@media (max-width: 900px) {
  .board { display: block; }
  .aside .left { display: none; }
  .board:not(.aside, .below) .right { display: none; }
  .left { padding: var(--space-5) var(--space-6) var(--space-8); }
  .right { border-left: 0; padding: var(--space-6); min-height: 70dvh; }
}
</style>
