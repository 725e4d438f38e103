<script setup lang="ts">
import { sitePages } from '~/words/site'

const says = sitePages.welcome
definePageMeta({ layout: 'bare', isOpen: true })

/** Whoever was handed a one-time code sets their own password and PIN with it. */
const session = useSession()
const entry = reactive({ loginName: '', code: '', password: '', pin: '' })
const wrong = ref('')
const busy = ref(false)
const asked = computed(() => ({
  loginName: entry.loginName.trim(),
  code: entry.code.trim(),
  password: entry.password,
  pin: entry.pin === '' ? null : entry.pin,
}))

async function redeem() {
  busy.value = true
  wrong.value = ''
  const reply = await sendTo('redeem', asked.value)
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
    <FrameForm class="form" of="redeem" :payload="asked" :busy="busy" @send="redeem">
      <FrameText
        v-model="entry.loginName"
        :label="says.signInName"
        autocomplete="username"
        autocapitalize="off"
        maxlength="80"
        is-needed
        name="loginName"
      />
      <FrameText
        v-model="entry.code"
        :label="says.oneTimeCode"
        :wrong="wrong"
        :hint="says.asAbcdEfghJkmn"
        autocomplete="one-time-code"
        autocapitalize="characters"
        maxlength="40"
        is-needed
        name="code"
      />
      <FrameText
        v-model="entry.password"
        :label="says.yourNewPassword"
        :hint="says.atLeast10Characters"
        type="password"
        autocomplete="new-password"
        maxlength="200"
        is-needed
        name="password"
      />
      <FrameText
        v-model="entry.pin"
        :label="says.yourNewPin"
        :hint="says.n4To8DigitsSigns"
        type="password"
        inputmode="numeric"
        maxlength="8"
        name="pin"
      />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.setMySignIn }}
      </FrameKey>
    </FrameForm>
    <p class="other">
      <NuxtLink to="/sign-in"> {{ says.iHaveAPassword }} </NuxtLink>
    </p>
  </main>
</template>

<style scoped>
.other {
  margin-top: var(--space-7);
  min-height: 44px;
}
.other a {
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
