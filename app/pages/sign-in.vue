<script setup lang="ts">
import { LOCALES } from '#shared/words/language'
import { floorPages } from '~/words/floor'
import { language } from '~/words/live'
import { sitePages } from '~/words/site'

const says = sitePages.signIn
definePageMeta({ layout: 'bare' })
const session = useSession()
const { reading: outside, look } = useOutside()
/** How the bays stand: only what there is of it, and that none is clear. */
const today = computed(() => {
  const { clear = 0, hold = 0, stopped = 0 } = outside.value?.today ?? {}
  return [
    { id: 'open', count: clear, said: floorPages.board.clearToStrike },
    { id: 'hold', count: hold, said: floorPages.board.hold },
    { id: 'stop', count: stopped, said: floorPages.board.stopped },
  ].filter(({ id, count }) => id === 'open' || count > 0)
})
const timeOf = (at: string) =>
  new Intl.DateTimeFormat(LOCALES[language.value], {
    hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone: outside.value?.shop?.timeZone ?? 'UTC',
  }).format(Date.parse(at))
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
  await look()
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
    <div class="two">
      <div>
        <FrameForm class="form" :busy="busy" @send="signIn">
          <FrameText v-model="loginName" :label="says.name" autocomplete="username" autocapitalize="off" is-needed />
          <FrameText v-model="password" :label="says.password" :wrong="wrong" type="password" autocomplete="current-password" is-needed />
          <FrameKey look="go" type="submit" :disabled="busy">
            {{ says.signIn }}
          </FrameKey>
        </FrameForm>
        <p class="handed">
          <NuxtLink to="/welcome">
            {{ says.iWasHandedAOne }}
          </NuxtLink>
        </p>
      </div>
      <aside>
        <section v-if="outside?.today" class="today" :aria-label="says.today">
          <h2>{{ says.todayAt(outside.shop?.name ?? '') }}</h2>
          <p v-for="{ id, count, said } in today" :key="id">
            <b class="print" :class="`state-${id}`">{{ count }}</b> {{ said }}
          </p>
          <p class="soft">
            {{ says.asOf(timeOf(outside.today.at)) }}
          </p>
        </section>
        <section class="help" :aria-label="says.somethingHappened">
          <h2>{{ says.somethingHappened }}</h2>
          <EmergencyCalls :calls="['emergency', 'fire-point', 'first-aid']" :given="outside?.shop?.calls ?? null" />
          <NuxtLink class="key link" to="/help">
            {{ says.whatToDoFirst }}
          </NuxtLink>
        </section>
      </aside>
    </div>
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
.two { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: var(--space-9) 64px; align-items: start; }
aside { display: grid; gap: var(--space-8); }
aside section { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-2); }
.today b { font-size: var(--type-figure); font-weight: 900; line-height: 1.1; }
.help .link { display: grid; place-items: center; justify-self: start; }
@media (max-width: 760px) { .two { grid-template-columns: minmax(0, 1fr); } }
.handed { margin-top: var(--space-7); min-height: 44px; }
.handed a { text-decoration: underline; text-underline-offset: 4px; }
.stop { display: flex; align-items: center; gap: var(--space-6); margin-top: var(--space-10); padding-top: var(--space-7); border-top: var(--line-rule) solid var(--ink); }
</style>
