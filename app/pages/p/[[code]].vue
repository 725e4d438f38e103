<script setup lang="ts">
import { fireWords } from '~/words/fire-words'
import type { PublicPermitReading } from '#shared/contract/readings'
import { LOCALES } from '#shared/words/language'
import { hotWorkPages } from '~/words/hotWork'
import { language } from '~/words/live'

const says = hotWorkPages.paperPage

/** What the code on a paper opens, for anybody: place, state, times. Kept fresh while it is open. */
definePageMeta({ layout: 'bare', isPublic: true })
const route = useRoute()
const router = useRouter()
const code = computed(() => typeof route.params.code === 'string' && route.params.code !== '' ? route.params.code : null)
const typed = ref('')
const reading = shallowRef<PublicPermitReading | null>(null)
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
  new Intl.DateTimeFormat(LOCALES[language.value], {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
    timeZone: reading.value!.timeZone,
  }).format(Date.parse(iso))
const isLive = computed(() => reading.value?.phase === 'working')
</script>

<template>
  <main class="page public">
    <FrameForm
      v-if="code === null"
      class="form"
      @send="router.push(`/p/${encodeURIComponent(typed.trim().toUpperCase())}`)"
    >
      <h1>{{ says.permitByItsCode }}</h1>
      <FrameText
        v-model="typed"
        :label="says.theCodeOnThePaper"
        :hint="says.hwAndSixLettersOr"
        maxlength="12"
        autocapitalize="characters"
        spellcheck="false"
        is-needed
      />
      <FrameKey look="go" type="submit">
        {{ says.open }}
      </FrameKey>
    </FrameForm>
    <template v-else-if="reading">
      <p class="soft">
        {{ reading.siteName }}, {{ reading.code }}
      </p>
      <h1>{{ reading.where }}</h1>
      <p class="state" :class="isLive ? 'state-open' : 'state-hold'">
        {{ isLive ? says.liveHotWorkIsAllowed : says.noHotWorkHereNow(fireWords.phases[reading.phase]) }}
      </p>
      <p v-if="reading.suspendedBecause && reading.phase === 'suspended'" class="said is-stop">
        {{ fireWords.causes[reading.suspendedBecause] }}
      </p>
      <dl>
        <div><dt>{{ says.work }}</dt><dd>{{ reading.what || says.anArcWithoutAPermit }}</dd></div>
        <div><dt>{{ says.fromUntil }}</dt><dd>{{ says.to(at(reading.fromAt), at(reading.untilAt)) }}</dd></div>
        <div><dt>{{ says.onWatch }}</dt><dd>{{ reading.watching.join(', ') || says.nobody }}</dd></div>
        <div v-if="reading.roundDueAt">
          <dt>{{ says.nextRoundBy }}</dt><dd>{{ at(reading.roundDueAt) }}</dd>
        </div>
        <div v-if="reading.watchEndsAt">
          <dt>{{ says.watchUntil }}</dt><dd>{{ at(reading.watchEndsAt) }}</dd>
        </div>
        <div v-if="reading.monitoringEndsAt">
          <dt>{{ says.monitoredUntil }}</dt><dd>{{ at(reading.monitoringEndsAt) }}</dd>
        </div>
        <div>
          <dt>{{ says.call }}</dt>
          <dd>{{ [reading.emergencyNumber, reading.firePointNumber].filter(Boolean).join('; ') || says.notWrittenDown }}</dd>
        </div>
      </dl>
      <p class="soft">
        {{ says.asOfLocalCodeAnd(at(reading.now)) }}
      </p>
    </template>
    <p v-else-if="problem" class="said" role="alert">
      {{ problem }} <NuxtLink to="/p">
        {{ says.typeIt }}
      </NuxtLink>
    </p>
  </main>
</template>

<style scoped>
h1 {
  font-size: var(--type-figure);
}
.state {
  font-size: var(--type-big);
  font-weight: 900;
  margin: var(--space-4) 0;
}
dl {
  border-top: var(--line-rule) solid var(--ink);
  margin: var(--space-5) 0;
}
dl > div {
  display: grid;
  grid-template-columns: 140px minmax(0, 1fr);
  gap: var(--space-5);
  padding: var(--space-4) 0;
  border-bottom: var(--line-thin) solid var(--rule);
  font-size: var(--type-lead);
  font-weight: 600;
}
dt {
  color: var(--soft);
}
</style>
