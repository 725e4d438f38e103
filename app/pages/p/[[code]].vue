<script setup lang="ts">
import { fireWords } from '#shared/words/en/fire-findings'
import type { PublicPermitReading } from '#shared/contract/readings'

/** What the code on a paper opens, for anybody: place, state, times. Kept fresh while it is open. */
definePageMeta({ layout: 'bare', isPublic: true })
const route = useRoute()
const router = useRouter()
const code = computed(() => typeof route.params.code === 'string' && route.params.code !== '' ? route.params.code : null)
const typed = ref('')
const reading = ref<PublicPermitReading | null>(null)
const problem = ref('')
let timer: ReturnType<typeof setInterval> | undefined
async function load() {
  if (code.value === null) return
  const reply = await askFor('public/permits/{code}', { code: code.value })
  if (reply.ok) reading.value = reply.body
  problem.value = reply.ok ? '' : wordsOf(reply)
}
watch(code, () => {
  reading.value = null
  void load()
}, { immediate: true })
onMounted(() => {
  timer = setInterval(() => void load(), 15_000)
})
onUnmounted(() => clearInterval(timer))
const at = (iso: string) =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: reading.value!.timeZone,
  }).format(Date.parse(iso))
const isLive = computed(() => reading.value?.phase === 'working')
</script>

<template>
  <main class="page public">
    <form
      v-if="code === null"
      class="form"
      @submit.prevent="typed.trim() && router.push(`/p/${encodeURIComponent(typed.trim().toUpperCase())}`)"
    >
      <h1>Permit by its code</h1>
      <FrameField v-slot="{ id }" label="The code on the paper" hint="HW- and six letters or figures">
        <UInput :id="id" v-model="typed" maxlength="12" autocapitalize="characters" spellcheck="false" />
      </FrameField>
      <FrameKey look="go" type="submit" :disabled="!typed.trim()">
        Open
      </FrameKey>
    </form>
    <template v-else-if="reading">
      <p class="soft">
        {{ reading.siteName }}, {{ reading.code }}
      </p>
      <h1>{{ reading.where }}</h1>
      <p class="state" :class="isLive ? 'state-open' : 'state-hold'">
        {{ isLive ? 'Live: hot work is allowed here' : `No hot work here now: ${fireWords.phases[reading.phase]}` }}
      </p>
      <p v-if="reading.suspendedBecause && reading.phase === 'suspended'" class="said is-stop">
        {{ fireWords.causes[reading.suspendedBecause] }}
      </p>
      <dl>
        <div><dt>Work</dt><dd>{{ reading.what || 'an arc without a permit' }}</dd></div>
        <div><dt>From, until</dt><dd>{{ at(reading.fromAt) }} to {{ at(reading.untilAt) }}</dd></div>
        <div><dt>On watch</dt><dd>{{ reading.watching.join(', ') || 'nobody' }}</dd></div>
        <div v-if="reading.roundDueAt">
          <dt>Next round by</dt><dd>{{ at(reading.roundDueAt) }}</dd>
        </div>
        <div v-if="reading.watchEndsAt">
          <dt>Watch until</dt><dd>{{ at(reading.watchEndsAt) }}</dd>
        </div>
        <div v-if="reading.monitoringEndsAt">
          <dt>Monitored until</dt><dd>{{ at(reading.monitoringEndsAt) }}</dd>
        </div>
        <div><dt>Call</dt><dd>{{ [reading.emergencyNumber, reading.firePointNumber].filter(Boolean).join('; ') || 'not written down' }}</dd></div>
      </dl>
      <p class="soft">
        As of {{ at(reading.now) }}. Local code and the fire authority rule.
      </p>
    </template>
    <p v-else-if="problem" class="said" role="alert">
      {{ problem }} <NuxtLink to="/p">
        Type it
      </NuxtLink>
    </p>
  </main>
</template>

<style scoped>
h1 {
  font-size: 32px;
}
.state {
  font-size: 24px;
  font-weight: 900;
  margin: 8px 0;
}
dl {
  border-top: 2px solid var(--ink);
  margin: 10px 0;
}
dl > div {
  display: grid;
  grid-template-columns: 140px minmax(0, 1fr);
  gap: 10px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 17px;
  font-weight: 600;
}
dt {
  color: var(--soft);
}
</style>
