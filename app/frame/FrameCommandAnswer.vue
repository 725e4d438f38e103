<script setup lang="ts">
import { partPages } from '~/words/parts'

const says = partPages.commandAnswer

/** What the command line was understood to say, what is in doubt, and the answer. */
const { text } = defineProps<{ text: string }>()
defineEmits<{ choose: [line: string] }>()
const { answer, chips, doubts, unread, without, open } = useCommandLine(() => text)
defineExpose({ open })
</script>

<template>
  <div v-if="answer || chips.length > 0 || doubts.length > 0" class="answer" role="status">
    <p v-if="chips.length > 0" class="chips" :aria-label="says.readSoFar">
      <span v-for="chip in chips" :key="chip">{{ chip }}</span>
    </p>
    <p v-for="{ asked, options } in doubts" :key="asked" class="doubt">
      <b>{{ asked }}?</b>
      <FrameKey v-for="{ line, option } in options" :key="line" @click="$emit('choose', line)">
        {{ option }}
      </FrameKey>
    </p>
    <p v-for="word in unread" :key="word" class="doubt">
      <b>{{ says.isNotUnderstood(word) }}</b>
      <FrameKey @click="$emit('choose', without(word))">
        {{ says.leaveItOut }}
      </FrameKey>
    </p>
    <p v-if="answer">
      {{ answer }}
    </p>
  </div>
</template>

<style scoped>
.answer p + p {
  margin-top: var(--space-4);
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
.chips span {
  padding: var(--space-2) var(--space-5);
  border: var(--line-rule) solid currentcolor;
}
.doubt {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-4);
}
.doubt .key {
  min-height: 48px;
  padding: 0 var(--space-6);
  background: none;
  color: inherit;
  border-color: currentcolor;
}
.answer {
  position: absolute;
  left: 0;
  right: 0;
  top: calc(100% + 7px);
  min-width: 320px;
  padding: var(--space-5) var(--space-6);
  background: var(--key);
  color: var(--on-key);
  font-weight: 700;
  z-index: 25;
}
</style>
