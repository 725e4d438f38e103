<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.commandLine
const text = ref('')
const input = useTemplateRef('input')
/** What reads the line is fetched when somebody comes to it: the board itself is what must be quick. */
const isAwake = ref(false)
const answer = useTemplateRef<{ readonly open: () => Promise<boolean> }>('answer')
/** Enter was pressed before the reading part was there: it is done as soon as it is. */
const isWaiting = ref(false)
const choose = (line: string) => {
  text.value = line
  input.value?.focus()
}

const onKey = (event: KeyboardEvent) => {
  const target = event.target as HTMLElement
  const typing = ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)
  if (event.key === '/' && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
    event.preventDefault()
    input.value?.focus()
  }
}
onMounted(() => document.addEventListener('keydown', onKey))
onUnmounted(() => document.removeEventListener('keydown', onKey))

async function enter() {
  isAwake.value = true
  isWaiting.value = answer.value === null
  if (await answer.value?.open()) {
    text.value = ''
    input.value?.blur()
  }
}
</script>

<template>
  <form class="line" role="search" @submit.prevent="enter" @keydown.escape="text = ''">
    <label class="field">
      <b aria-hidden="true">/</b>
      <span class="visually-hidden">{{ says.askOrOpenABay }}</span>
      <input
        ref="input"
        v-model="text"
        :placeholder="says.mig180Galvanised"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        @focus="isAwake = true"
      >
    </label>
    <LazyFrameCommandAnswer v-if="isAwake" ref="answer" :text="text" @choose="choose" @vue:mounted="isWaiting && enter()" />
  </form>
</template>

<style scoped>
.line {
  position: relative;
}
.field {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  height: 44px;
  padding: 0 var(--space-6);
  border: var(--line-rule) solid var(--strong-rule);
  background: var(--panel);
  cursor: text;
}
.field:focus-within {
  border-color: var(--ink);
}
.field b {
  font-weight: 850;
}
input {
  flex: 1;
  min-width: 0;
  border: 0;
  background: none;
  font: inherit;
  color: var(--ink);
  outline: none;
}
input::placeholder {
  color: var(--soft);
  opacity: 1;
}
</style>
