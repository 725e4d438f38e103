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
const fields = ref<Record<string, string>>({})
const error = ref('')
const busy = ref(false)

async function open() {
  busy.value = true
  error.value = ''
  fields.value = {}
  const { code, siteName, timeZone, personName, loginName, password } = entry
  const reply = await sendTo('first-run', { code, site: { name: siteName, timeZone }, personName, loginName, password })
  busy.value = false
  if (reply.ok) {
    await session.load()
    await navigateTo('/set-up')
    return
  }
  error.value = 'unreachable' in reply ? wordsOf(reply) : reply.refusal.error
  if ('refusal' in reply) fields.value = Object.fromEntries(reply.refusal.fields.map(({ path, message }) => [path, message]))
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
    <form class="form" @submit.prevent="open">
      <FrameField v-slot="{ id }" :label="says.code" :wrong="fields.code" :hint="says.asAbcdEfghJkmn">
        <UInput :id="id" v-model="entry.code" required />
      </FrameField>
      <FrameField v-slot="{ id }" :label="says.nameOfTheShop" :wrong="fields['site.name']">
        <UInput :id="id" v-model="entry.siteName" required />
      </FrameField>
      <FrameField v-slot="{ id }" :label="says.timeZone" :wrong="fields['site.timeZone']" :hint="says.asEuropeLondon">
        <UInput :id="id" v-model="entry.timeZone" required />
      </FrameField>
      <FrameField v-slot="{ id }" :label="says.yourName" :wrong="fields.personName">
        <UInput :id="id" v-model="entry.personName" autocomplete="name" required />
      </FrameField>
      <FrameField v-slot="{ id }" :label="says.signInName" :wrong="fields.loginName">
        <UInput :id="id" v-model="entry.loginName" autocomplete="username" required />
      </FrameField>
      <FrameField v-slot="{ id }" :label="says.password" :wrong="fields.password" :hint="says.atLeast10Characters">
        <UInput :id="id" v-model="entry.password" type="password" autocomplete="new-password" required />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.openTheShop }}
      </FrameKey>
    </form>
  </main>
</template>
