<script setup lang="ts" generic="Key extends keyof HouseRules">
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { RULE_WORDS } from './rule-words'

/** One house rule that is chosen from a few: what it is called, why one would, and its choices side by side. */
const { rule, choices, entry, hint = '' } = defineProps<{
  rule: Key
  choices: readonly HouseRules[Key][]
  entry: HouseRules
  hint?: string
}>()
const emit = defineEmits<{ change: [rules: Partial<HouseRules>] }>()
const named = (chosen: string) => RULE_WORDS[rule][1](choices.find(choice => String(choice) === chosen)!)
const choose = (chosen: string) =>
  emit('change', { [rule]: choices.find(choice => String(choice) === chosen) } as Partial<HouseRules>)
</script>

<template>
  <h2 aria-hidden="true">
    {{ RULE_WORDS[rule][0]() }}
  </h2>
  <p v-if="hint" class="soft">
    {{ hint }}
  </p>
  <FrameChoice
    is-heard
    :label="RULE_WORDS[rule][0]()"
    :ids="choices.map(String)"
    :named="named"
    :model-value="String(entry[rule])"
    :spoken-in="rule === 'language' ? id => id : undefined"
    @update:model-value="choose($event)"
  />
</template>
