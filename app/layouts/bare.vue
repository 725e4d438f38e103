<template>
  <div class="bare">
    <header class="bare-head">
      <span class="bare-mark">Zonaris</span>
    </header>
    <slot />
  </div>
</template>

<style scoped>
.bare-head { border-bottom: 3px solid var(--ink); padding: 14px 20px; }
.bare-mark { font-weight: 900; font-size: 20px; }
</style>
