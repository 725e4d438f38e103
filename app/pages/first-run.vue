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
        <input :id="id" v-model="entry.code" class="entry" autocomplete="off" required>
      </FrameField>
      <FrameField v-slot="{ id }" label="Name of the shop" :wrong="fields['site.name']">
        <input :id="id" v-model="entry.siteName" class="entry" required>
      </FrameField>
      <FrameField v-slot="{ id }" label="Time zone" :wrong="fields['site.timeZone']" hint="as Europe/London">
        <input :id="id" v-model="entry.timeZone" class="entry" required>
      </FrameField>
      <FrameField v-slot="{ id }" label="Your name" :wrong="fields.personName">
        <input :id="id" v-model="entry.personName" class="entry" autocomplete="name" required>
      </FrameField>
      <FrameField v-slot="{ id }" label="Sign-in name" :wrong="fields.loginName">
        <input :id="id" v-model="entry.loginName" class="entry" autocomplete="username" required>
      </FrameField>
      <FrameField v-slot="{ id }" label="Password" :wrong="fields.password" hint="at least 10 characters">
        <input :id="id" v-model="entry.password" class="entry" type="password" autocomplete="new-password" required>
      </FrameField>
      <button class="key go" type="submit" :disabled="busy">
        Open the shop
      </button>
    </form>
  </main>
</template>
