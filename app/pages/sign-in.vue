<script setup lang="ts">
import { sitePages } from '~/words/site'

const says = sitePages.signIn
definePageMeta({ layout: 'bare' })
const session = useSession()
const route = useRoute()
const loginName = ref('')
const password = ref('')
const wrong = ref('')
const busy = ref(false)

/** A tablet whose session has ended still stops the shop: recorded as done by the device. */
const stopped = ref('')
const { send } = useSender()
async function stopAll() {
  const sent = await send('station.stop-all', [], {})
  stopped.value = sent.ok ? says.everyBayIsStoppedSign : wordsOf(sent)
}

async function signIn() {
  busy.value = true
  wrong.value = ''
  const reply = await session.signIn(loginName.value.trim(), password.value)
  busy.value = false
  if (reply.ok) {
    const to = typeof route.query.to === 'string' && /^\/(?!\/)/.test(route.query.to) ? route.query.to : '/'
    await navigateTo(to)
  } else {
    wrong.value = wordsOf(reply)
    password.value = ''
  }
}
</script>

<template>
  <main class="page">
    <h1>{{ says.signIn }}</h1>
    <p class="lead">
      {{ says.zonarisWorksOutWhatIt }}
    </p>
    <form class="form" @submit.prevent="signIn">
      <FrameField v-slot="{ id }" :label="says.name">
        <UInput :id="id" v-model="loginName" autocomplete="username" autocapitalize="off" required />
      </FrameField>
      <FrameField v-slot="{ id, describedBy }" :label="says.password" :wrong="wrong">
        <UInput
          :id="id"
          v-model="password"
          type="password"
          autocomplete="current-password"
          :aria-describedby="describedBy"
          required
        />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="busy || !loginName.trim() || !password">
        {{ says.signIn }}
      </FrameKey>
    </form>
    <p class="handed">
      <NuxtLink to="/welcome">
        {{ says.iWasHandedAOne }}
      </NuxtLink>
    </p>
    <div v-if="session.reading?.knownDevice !== false && session.person === null" class="stop">
      <FrameKey look="stop" @click="stopAll">
        {{ says.stopAll }}
      </FrameKey>
      <p role="status">
        {{ stopped || says.worksOnThisDeviceWithout }}
      </p>
    </div>
  </main>
</template>

<style scoped>
.handed { margin-top: 16px; min-height: 44px; }
.handed a { text-decoration: underline; text-underline-offset: 4px; }
.stop { display: flex; align-items: center; gap: 14px; margin-top: 32px; padding-top: 16px; border-top: 2px solid var(--ink); }
</style>
