<script setup lang="ts">
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
    <h1>Open the shop</h1>
    <p class="lead">
      Nothing is here yet. Name the shop and its first safety lead, who sets up the bays and the people. The code stands in the terminal
      where Zonaris was started. Zonaris advises; it does not replace law, a hygienist, a fire authority or a licensed practitioner.
    </p>
    <p v-if="error" class="said" role="alert">
      {{ error }}
    </p>
    <form class="form" @submit.prevent="open">
      <FrameField v-slot="{ id }" label="Code" :wrong="fields.code" hint="as ABCD-EFGH-JKMN">
        <UInput :id="id" v-model="entry.code" required />
      </FrameField>
      <FrameField v-slot="{ id }" label="Name of the shop" :wrong="fields['site.name']">
        <UInput :id="id" v-model="entry.siteName" required />
      </FrameField>
      <FrameField v-slot="{ id }" label="Time zone" :wrong="fields['site.timeZone']" hint="as Europe/London">
        <UInput :id="id" v-model="entry.timeZone" required />
      </FrameField>
      <FrameField v-slot="{ id }" label="Your name" :wrong="fields.personName">
        <UInput :id="id" v-model="entry.personName" autocomplete="name" required />
      </FrameField>
      <FrameField v-slot="{ id }" label="Sign-in name" :wrong="fields.loginName">
        <UInput :id="id" v-model="entry.loginName" autocomplete="username" required />
      </FrameField>
      <FrameField v-slot="{ id }" label="Password" :wrong="fields.password" hint="at least 10 characters">
        <UInput :id="id" v-model="entry.password" type="password" autocomplete="new-password" required />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="busy">
        Open the shop
      </FrameKey>
    </form>
  </main>
</template>
