<script setup lang="ts">
import { sitePages } from '~/words/site'

const says = sitePages.welcome
definePageMeta({ layout: 'bare', isOpen: true })

/** Whoever was handed a one-time code sets their own password and PIN with it. */
const session = useSession()
const entry = reactive({ loginName: '', code: '', password: '', pin: '' })
const wrong = ref('')
const busy = ref(false)
const isFull = computed(
  () =>
    entry.loginName.trim() !== ''
    && entry.code.trim() !== ''
    && entry.password.length >= 10
    && (entry.pin === '' || /^\d{4,8}$/.test(entry.pin)),
)

async function redeem() {
  busy.value = true
  wrong.value = ''
  const body = {
    loginName: entry.loginName.trim(),
    code: entry.code.trim(),
    password: entry.password,
    pin: entry.pin === '' ? null : entry.pin,
  }
  const reply = await sendTo('redeem', body)
  busy.value = false
  if (!reply.ok) {
    wrong.value = wordsOf(reply)
    return
  }
  await session.load()
  await navigateTo('/')
}
</script>

<template>
  <main class="page">
    <h1>{{ says.setYourOwnSignIn }}</h1>
    <p class="lead">
      {{ says.withTheCodeThatThe }}
    </p>
    <form class="form" @submit.prevent="redeem">
      <FrameField v-slot="{ id }" :label="says.signInName">
        <UInput :id="id" v-model="entry.loginName" autocomplete="username" autocapitalize="off" maxlength="80" required />
      </FrameField>
      <FrameField v-slot="{ id, describedBy }" :label="says.oneTimeCode" :wrong="wrong" :hint="says.asAbcdEfghJkmn">
        <UInput
          :id="id"
          v-model="entry.code"
          autocomplete="one-time-code"
          autocapitalize="characters"
          maxlength="40"
          :aria-describedby="describedBy"
          required
        />
      </FrameField>
      <FrameField v-slot="{ id, describedBy }" :label="says.yourNewPassword" :hint="says.atLeast10Characters">
        <UInput
          :id="id"
          v-model="entry.password"
          type="password"
          autocomplete="new-password"
          maxlength="200"
          :aria-describedby="describedBy"
          required
        />
      </FrameField>
      <FrameField v-slot="{ id, describedBy }" :label="says.yourNewPin" :hint="says.n4To8DigitsSigns">
        <UInput
          :id="id"
          v-model="entry.pin"
          type="password"
          inputmode="numeric"
          maxlength="8"
          :aria-describedby="describedBy"
        />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="busy || !isFull">
        {{ says.setMySignIn }}
      </FrameKey>
    </form>
    <p class="other">
      <NuxtLink to="/sign-in"> {{ says.iHaveAPassword }} </NuxtLink>
    </p>
  </main>
</template>

<style scoped>
.other {
  margin-top: 16px;
  min-height: 44px;
}
.other a {
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
