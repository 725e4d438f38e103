<script setup lang="ts" generic="Key extends keyof HouseRules">
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { RULE_WORDS } from './rule-words'

/** One house rule that is chosen from a few: what it is called, why one would, and a key for each choice. */
const { rule, choices, entry, hint = '' } = defineProps<{
  rule: Key
  choices: readonly HouseRules[Key][]
  entry: HouseRules
  hint?: string
}>()
const emit = defineEmits<{ change: [rules: Partial<HouseRules>] }>()
/** Choices that have a language of their own are read in it. */
const languageOf = (choice: unknown): string | undefined => rule === 'language' ? String(choice) : undefined
</script>

<template>
  <h2>{{ RULE_WORDS[rule][0]() }}</h2>
  <p v-if="hint" class="soft">
    {{ hint }}
  </p>
  <div class="keys">
    <FrameKey
      v-for="choice in choices"
      :key="String(choice)"
      :lang="languageOf(choice)"
      :picked="entry[rule] === choice"
      @click="emit('change', { [rule]: choice } as Partial<HouseRules>)"
    >
      {{ RULE_WORDS[rule][1](choice) }}
    </FrameKey>
  </div>
</template>
