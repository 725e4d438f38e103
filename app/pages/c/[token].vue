<script setup lang="ts">
import type { PublicCardReading } from '#shared/contract/readings'
import { LOCALES } from '#shared/words/language'
import { requirementLine } from '#shared/words/requirement-line'
import { language } from '~/words/live'
import { cardWords as says } from '~/words/card-words'
import { quantitiesIn } from '~/words/speak'
import { jobLine } from '~/areas/station/useJobWords'

/** What the code on a bay's card opens, for anybody: how the bay stands, what to wear there, whom to call. Kept fresh while it is open. */
definePageMeta({ layout: 'bare', isPublic: true })
const route = useRoute()
const token = computed(() => (typeof route.params.token === 'string' ? route.params.token : ''))
const reading = shallowRef<PublicCardReading | null>(null)
/** When it was last answered, by this device's clock. */
const readAtMs = ref(0)
const clock = useClock()
/** Longer than this without an answer, ms, nobody knows how the bay stands: a phone that slept shows no *clear* of before. */
const STALE_MS = 45_000
const isStale = computed(() => clock.nowMs.value - readAtMs.value > STALE_MS)
const problem = ref('')
let timer: ReturnType<typeof setInterval> | undefined
async function load() {
  const reply = await askFor('public/cards/{token}', { token: token.value })
  // What stood there stands no longer once nobody answers for it.
  reading.value = reply.ok ? reply.body : null
  readAtMs.value = clock.nowMs.value
  problem.value = reply.ok ? '' : wordsOf(reply)
}
onMounted(() => {
  void load()
  timer = setInterval(() => void load(), 15_000)
})
onUnmounted(() => clearInterval(timer))
const card = computed(() => reading.value?.card ?? null)
const at = (iso: string) => new Intl.DateTimeFormat(LOCALES[language.value], {
  weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit', hourCycle: 'h23', timeZone: reading.value!.timeZone,
}).format(Date.parse(iso))
const q = computed(() => quantitiesIn(reading.value?.units ?? 'metric'))
const calls = computed(() => {
  const { emergencyNumber = '', firePointNumber = '', firstAidNumber = '' } = reading.value?.calls ?? {}
  return [...new Set([emergencyNumber, firePointNumber, firstAidNumber].filter(Boolean))]
})
</script>

<template>
  <main class="page card">
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <template v-if="reading && card">
      <h1>{{ says.bay(card.label) }} <small>{{ card.firstName }}</small></h1>
      <p class="stands">
        <span v-if="isStale" class="soft">{{ says.notHeard }}</span>
        <StateWord v-else :word="card.word" />
        <small>{{ says.asOf(at(reading.now)) }}</small>
      </p>
      <p v-if="!card.job" class="big">
        {{ says.noJob }}
      </p>
      <template v-else>
        <p class="chalk">
          {{ jobLine(card.job, q) }}
        </p>
        <p class="shade">
          <b>{{ says.shade }} <span class="print">{{ card.shade?.start }}</span></b>
          <small>{{ card.shade ? `${says.startAt(card.shade.start)}, ${says.neverUnder(card.shade.minimum)}` : says.noShade }}</small>
        </p>
        <dl>
          <div v-for="line in card.zones" :key="line.zone">
            <dt>{{ words.zones[line.zone] }}</dt>
            <dd>{{ requirementLine(words, line) }}</dd>
          </div>
        </dl>
        <h2>{{ says.keepInMind }}</h2>
        <ul>
          <li v-for="id in card.reminders" :key="id">
            {{ says.reminders[id] }}
          </li>
        </ul>
      </template>
      <h2>{{ says.whenItGoesWrong }}</h2>
      <ul>
        <li v-for="line in says.wrong" :key="line">
          {{ line }}
        </li>
      </ul>
      <p class="call">
        {{ says.call }}: <template v-if="calls.length === 0">
          {{ says.noNumber }}
        </template>
        <template v-for="number in calls" :key="number">
          <a v-if="/^[+0-9 ]+$/.test(number)" :href="`tel:${number.replaceAll(' ', '')}`">{{ number }}</a>
          <span v-else>{{ number }}</span>
        </template>
      </p>
      <p class="soft">
        {{ reading.siteName }}. {{ says.advises }}
      </p>
    </template>
  </main>
</template>

<style scoped>
.card { max-width: 620px; }
h1 small { font-weight: 550; font-size: var(--type-big); }
.stands { font-size: var(--type-big); }
.stands small { display: block; font-size: var(--type-small); color: var(--soft); }
.shade {
  border-top: var(--line-rule) solid var(--ink);
  border-bottom: var(--line-rule) solid var(--ink);
  padding: var(--space-4) 0;
  margin: var(--space-4) 0;
}
.shade b { display: block; font-size: var(--type-great); font-weight: 900; }
dl > div {
  display: grid;
  grid-template-columns: 100px minmax(0, 1fr);
  gap: var(--space-4);
  padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
dt { font-weight: 800; }
dt::first-letter { text-transform: uppercase; }
h2 { margin-top: var(--space-6); }
ul { padding-left: var(--space-6); list-style: square; display: grid; gap: var(--space-2); }
.call { font-weight: 800; font-size: var(--type-lead); margin-top: var(--space-6); }
.call span { display: block; }
.call a {
  display: inline-flex;
  align-items: center;
  min-height: 56px;
  margin-right: var(--space-6);
  text-decoration: underline;
}
.big { font-size: var(--type-big); font-weight: 800; }
</style>
