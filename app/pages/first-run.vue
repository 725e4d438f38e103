<script setup lang="ts">
import { sitePages } from '~/words/site'

const says = sitePages.firstRun
definePageMeta({ layout: 'bare' })
const session = useSession()
const entry = reactive({
  code: '',
  siteName: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  personName: '',
  loginName: '',
  password: '',
})
const told = ref<readonly { readonly path: string, readonly message: string }[]>([])
const asked = computed(() => {
  const { siteName, timeZone, ...whose } = entry
  return { ...whose, site: { name: siteName, timeZone } }
})
const error = ref('')
const busy = ref(false)

async function open() {
  busy.value = true
  error.value = ''
  const reply = await sendTo('first-run', asked.value)
  busy.value = false
  if (reply.ok) {
    await session.load()
    await navigateTo('/set-up')
    return
  }
  error.value = 'unreachable' in reply ? wordsOf(reply) : reply.refusal.error
  if ('refusal' in reply) told.value = reply.refusal.fields
}
</script>

<template>
  <main class="page">
    <h1>{{ says.openTheShop }}</h1>
    <p class="lead">
      {{ says.nothingIsHereYetName }}
    </p>
    <p v-if="error" class="said" role="alert">
      {{ error }}
    </p>
    <FrameForm class="form" of="first-run" :payload="asked" :busy="busy" :told="told" @send="open">
      <FrameText v-model="entry.code" :label="says.code" :hint="says.asAbcdEfghJkmn" is-needed name="code" />
      <FrameText v-model="entry.siteName" :label="says.nameOfTheShop" is-needed name="site.name" />
      <FrameText v-model="entry.timeZone" :label="says.timeZone" :hint="says.asEuropeLondon" is-needed name="site.timeZone" />
      <FrameText v-model="entry.personName" :label="says.yourName" autocomplete="name" is-needed name="personName" />
      <FrameText v-model="entry.loginName" :label="says.signInName" autocomplete="username" is-needed name="loginName" />
      <FrameText
        v-model="entry.password"
        :label="says.password"
        :hint="says.atLeast10Characters"
        type="password"
        autocomplete="new-password"
        is-needed
        name="password"
      />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.openTheShop }}
      </FrameKey>
    </FrameForm>
  </main>
</template>
