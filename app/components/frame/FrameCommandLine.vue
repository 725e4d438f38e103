<script setup lang="ts">
const text = ref('')
const input = useTemplateRef('input')
const { answer, chips, doubts, unread, without, open } = useCommandLine(text)
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
  if (await open()) {
    text.value = ''
    input.value?.blur()
  }
}
</script>

<template>
  <form class="line" role="search" @submit.prevent="enter" @keydown.escape="text = ''">
    <label class="field">
      <b aria-hidden="true">/</b>
      <span class="visually-hidden">Ask, or open a bay</span>
      <input ref="input" v-model="text" placeholder="mig 180 galvanised" autocomplete="off" autocapitalize="off" spellcheck="false">
    </label>
    <div v-if="answer || chips.length > 0 || doubts.length > 0" class="answer" role="status">
      <p v-if="chips.length > 0" class="chips" aria-label="Read so far">
        <span v-for="chip in chips" :key="chip">{{ chip }}</span>
      </p>
      <p v-for="{ asked, options } in doubts" :key="asked" class="doubt">
        <b>{{ asked }}?</b>
        <button v-for="{ line, says } in options" :key="line" class="key" type="button" @click="choose(line)">
          {{ says }}
        </button>
      </p>
      <p v-for="word in unread" :key="word" class="doubt">
        <b>"{{ word }}" is not understood.</b>
        <button class="key" type="button" @click="choose(without(word))">
          Leave it out
        </button>
      </p>
      <p v-if="answer">
        {{ answer }}
      </p>
    </div>
  </form>
</template>

<style scoped>
.line { position: relative; }
.field { display: flex; align-items: center; gap: 8px; height: 44px; padding: 0 12px; border: 2px solid var(--strong-rule); background: var(--panel); cursor: text; }
.field:focus-within { border-color: var(--ink); }
.field b { font-weight: 850; }
input { flex: 1; min-width: 0; border: 0; background: none; font: inherit; color: var(--ink); outline: none; }
input::placeholder { color: var(--soft); opacity: 1; }
.answer p + p { margin-top: 8px; }
.chips { display: flex; flex-wrap: wrap; gap: 6px; }
.chips span { padding: 3px 9px; border: 2px solid currentcolor; }
.doubt { display: flex; flex-wrap: wrap; align-items: center; gap: 6px 8px; }
.doubt .key { min-height: 44px; padding: 0 12px; }
.answer { position: absolute; left: 0; right: 0; top: calc(100% + 7px); min-width: 320px; padding: 10px 12px; background: var(--key); color: var(--on-key); font-weight: 700; z-index: 25; }
</style>
