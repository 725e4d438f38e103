<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.keyList

/** The keys of the keyboard and what each does: `?` shows them, from every page. */
const isOpen = ref(false)
const KEYS = computed(() => [
  ['/', says.asks],
  ['B', says.because],
  ['Esc', says.closes],
  ['Tab', says.goesOn],
  ['?', says.thisList],
] as const)
function onKey(event: KeyboardEvent) {
  const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea, [contenteditable]') !== null
  if (event.key !== '?' || typing || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  isOpen.value = !isOpen.value
}
onMounted(() => document.addEventListener('keydown', onKey))
onUnmounted(() => document.removeEventListener('keydown', onKey))
</script>

<template>
  <LazyFrameSheet v-if="isOpen" v-model="isOpen" :title="says.keys">
    <dl class="keys-of">
      <div v-for="[key, does] in KEYS" :key="key">
        <dt><kbd>{{ key }}</kbd></dt>
        <dd>{{ does }}</dd>
      </div>
    </dl>
  </LazyFrameSheet>
</template>

<style scoped>
.keys-of div {
  display: grid; grid-template-columns: 72px 1fr; gap: var(--space-6); align-items: center; min-height: 48px;
  border-top: var(--line-thin) solid var(--rule);
}
kbd {
  display: inline-grid; place-items: center; min-width: 44px; min-height: 36px; padding: 0 var(--space-4);
  border: var(--line-rule) solid var(--strong-rule); font: inherit; font-weight: 800;
}
</style>
