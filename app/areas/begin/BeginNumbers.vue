<script setup lang="ts">
import { HOUSE_RULES_STREAM } from '#core/ids/streams'
import { RULE_WORDS } from '~/areas/rules/rule-words'
import { beginPages } from '~/words/begin'

const says = beginPages.numbers

/** Whom to call, as it is dialled here: Help shows it before anybody signs in. */
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const { send, refused, busy } = useSender()
const CALLS = ['emergencyNumber', 'firePointNumber', 'firstAidNumber', 'gasSupplierNumber'] as const
const typed = reactive(Object.fromEntries(CALLS.map(call => [call, facts.rules[call]])) as Record<typeof CALLS[number], string>)
async function save() {
  const on = { id: HOUSE_RULES_STREAM, expectedVersion: facts.reading?.versions.rules ?? null }
  const sent = await send('house-rules.change', on, { ...facts.rules, ...typed })
  if (!sent.ok) return
  await facts.refresh()
  emit('done')
}
</script>

<template>
  <FrameForm class="form" :busy="busy" @send="save">
    <div class="columns">
      <FrameText
        v-for="call in CALLS"
        :key="call"
        v-model="typed[call]"
        :label="RULE_WORDS[call][0]()"
        inputmode="tel"
        maxlength="30"
        :is-needed="call === 'emergencyNumber'"
      />
    </div>
    <FrameRefused :says="refused" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.save }}
    </FrameKey>
  </FrameForm>
</template>
