<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.bare
</script>

<template>
  <div class="bare">
    <header class="bare-head">
      <span class="bare-mark">{{ says.zonaris }}</span>
      <NuxtLink
        class="bare-help"
        to="/help"
      >
        {{ says.help }}
      </NuxtLink>
    </header>
    <FrameUnheard />
    <slot />
  </div>
</template>

<style scoped>
.bare-head {
  border-bottom: 3px solid var(--ink);
  padding: 6px 20px;
  min-height: 56px;
}
.bare-head {
  display: flex;
  align-items: center;
}
.bare-help {
  margin-left: auto;
  padding: 8px 12px;
  font-weight: 850;
  color: var(--stop);
  text-decoration: underline;
  text-underline-offset: 4px;
}
.bare-mark {
  font-weight: 900;
  font-size: 20px;
}
</style>
