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
    <form class="form" @submit.prevent="set">
      <FrameField
        v-slot="{ id, describedBy }"
        :label="isPin ? says.newPin : says.newPassword"
        :wrong="wrong.fresh"
        :hint="said || (isPin ? says.n4To8Digits : says.atLeast10Characters)"
      >
        <UInput
          :id="id"
          v-model="fresh"
          type="password"
          autocomplete="new-password"
          :inputmode="isPin ? 'numeric' : undefined"
          :maxlength="isPin ? 8 : 200"
          :aria-describedby="describedBy"
        />
      </FrameField>
      <FrameField v-slot="{ id, describedBy }" :label="says.passwordAsItIsNow" :wrong="wrong.current">
        <UInput
          :id="id"
          v-model="current"
          type="password"
          autocomplete="current-password"
          maxlength="200"
          :aria-describedby="describedBy"
        />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="busy || !fits || current === ''">
        {{ isPin ? says.setMyPin : says.setMyPassword }}
      </FrameKey>
    </form>
  </section>
</template>

<style scoped>
.own {
  padding-top: 16px;
}
h2 {
  padding-bottom: 8px;
}
</style>
