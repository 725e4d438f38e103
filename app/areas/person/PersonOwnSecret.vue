<script setup lang="ts">
import { peoplePages } from '~/words/people'

const says = peoplePages.ownSecret

/** Sets one's own PIN or password. Whoever finds a tablet signed in would have to know the password too. */
const { kind } = defineProps<{ kind: 'pin' | 'password' }>()
const current = ref('')
const fresh = ref('')
const said = ref('')
const wrong = reactive({ current: '', fresh: '' })
const busy = ref(false)
const isPin = computed(() => kind === 'pin')
const fits = computed(() => (isPin.value ? /^\d{4,8}$/.test(fresh.value) : fresh.value.length >= 10))

async function set() {
  Object.assign(wrong, { current: '', fresh: '' })
  said.value = ''
  busy.value = true
  const secret = kind === 'pin' ? { pin: fresh.value } : { password: fresh.value }
  const reply = await sendTo('credentials', { currentPassword: current.value, ...secret })
  busy.value = false
  if (reply.ok) {
    said.value = isPin.value
      ? says.yourPinIsSetIt
      : says.yourPasswordIsSetSessions
    current.value = fresh.value = ''
    return
  }
  const isOfCurrent = !('unreachable' in reply) && reply.refusal.fields.some(({ path }) => path === 'currentPassword')
  if (isOfCurrent) wrong.current = says.thisIsNotYourPassword
  else wrong.fresh = wordsOf(reply)
}
</script>

<template>
  <section class="own" :aria-label="isPin ? says.pin : says.password">
    <h2>{{ isPin ? says.pin : says.password }}</h2>
    <FrameForm class="form" :busy="busy" @send="set">
      <FrameText
        v-model="fresh"
        :lacks="fits ? '' : isPin ? says.n4To8Digits : says.atLeast10Characters"
        :label="isPin ? says.newPin : says.newPassword"
        :wrong="wrong.fresh"
        :hint="said || (isPin ? says.n4To8Digits : says.atLeast10Characters)"
        type="password"
        autocomplete="new-password"
        :inputmode="isPin ? 'numeric' : undefined"
        :maxlength="isPin ? 8 : 200"
      />
      <FrameText
        v-model="current"
        :label="says.passwordAsItIsNow"
        :wrong="wrong.current"
        type="password"
        autocomplete="current-password"
        maxlength="200"
        is-needed
      />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ isPin ? says.setMyPin : says.setMyPassword }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.own {
  padding-top: var(--space-7);
}
h2 {
  padding-bottom: var(--space-4);
}
</style>
