<script setup lang="ts">
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
    <h1>Set your own sign-in</h1>
    <p class="lead">
      With the code that the safety lead handed you. It works once; the password and the PIN are yours, and nobody else ever sees them.
    </p>
    <form class="form" @submit.prevent="redeem">
      <FrameField v-slot="{ id }" label="Sign-in name">
        <UInput :id="id" v-model="entry.loginName" autocomplete="username" autocapitalize="off" maxlength="80" required />
      </FrameField>
      <FrameField v-slot="{ id, describedBy }" label="One-time code" :wrong="wrong" hint="as ABCD-EFGH-JKMN">
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
      <FrameField v-slot="{ id, describedBy }" label="Your new password" hint="at least 10 characters">
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
      <FrameField v-slot="{ id, describedBy }" label="Your new PIN" hint="4 to 8 digits; signs for you on a shared tablet. May wait.">
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
        Set my sign-in
      </FrameKey>
    </form>
    <p class="other">
      <NuxtLink to="/sign-in"> I have a password </NuxtLink>
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
