<script setup lang="ts">
import type { PersonReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.code

/** Hands out a one-time code: its owner sets a password and a PIN with it, which nobody else ever knows. */
const { person } = defineProps<{ person: PersonReading }>()
const emit = defineEmits<{ given: [] }>()
const { moment } = useDates()
const loginName = ref(person.loginName ?? '')
const given = ref<{ readonly code: string, readonly loginName: string, readonly untilAt: string } | null>(null)
const wrong = ref('')
const busy = ref(false)
const asked = computed(() => ({ personId: person.personId, loginName: loginName.value.trim() }))

async function give() {
  busy.value = true
  const reply = await sendTo('sign-in-codes', asked.value)
  busy.value = false
  wrong.value = reply.ok ? '' : wordsOf(reply)
  if (!reply.ok) return
  given.value = reply.body
  emit('given')
}
</script>

<template>
  <section class="code" :aria-label="says.signIn">
    <p v-if="given" class="said" role="status">
      {{ says.handOverNowAndTo }} <b class="print letters">{{ given.code }}</b>
      <span>{{ says.opens(person.name) }} <b>{{ says.welcome }}</b>{{ says.signsInAs }} <b>{{ given.loginName }}</b>
        {{ says.withThisCodeAndSets(moment(given.untilAt)) }}</span>
    </p>
    <FrameForm
      v-else
      class="columns"
      of="sign-in-codes"
      :payload="asked"
      :busy="busy"
      @send="give"
    >
      <FrameText
        v-model="loginName"
        :label="says.signInName"
        :wrong="wrong"
        :hint="person.loginName ? says.onceUsedTheCodeEnds : says.atLeast3Letters"
        name="loginName"
        maxlength="80"
      />
      <FrameKey type="submit" :disabled="busy">
        {{ says.giveAOneTimeCode }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.code {
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-6);
}
.columns {
  align-items: start;
}
.columns .key {
  margin-top: var(--space-9);
}
.said {
  display: grid;
  gap: var(--space-3);
}
.letters {
  font-size: var(--type-figure);
  letter-spacing: 0.06em;
}
</style>
