<script setup lang="ts">
import type { Waiting } from '~/stores/outbox'
import { LOCALES } from '#shared/words/language'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.unheard

/** What may not wait and was not heard yet, in large words: whoever pressed it must know to shout. */
const outbox = useOutbox()
const clock = useClock()
onMounted(() => outbox.load())

/** An answer within this long needs no words, ms. */
const SAID_AFTER_MS = 1500
const kept = computed(() =>
  outbox.urgent.filter(({ id, at }) => outbox.unheard.has(id) || clock.nowMs.value - Date.parse(at) > SAID_AFTER_MS),
)
const WHAT: Readonly<Partial<Record<Waiting['type'], string>>> = {
  'station.stop-all': says.stopAll,
  'station.stop': says.stop,
  'station.give-stop-reason': says.whyItWasStopped,
  'permit.stop': says.stopOfHotWork,
  'permit.round': says.round,
  'permit.report-arc': says.arcWithoutAPermit,
  'permit.call-help': says.callForHelp,
}
const shouts = computed(() => kept.value.some(({ type }) => type !== 'permit.round' && type !== 'station.give-stop-reason'))
const BY_THE_SECOND = { hour: '2-digit', minute: '2-digit', second: '2-digit', hourCycle: 'h23' } as const
const time = (iso: string) => new Intl.DateTimeFormat(LOCALES[language.value], BY_THE_SECOND).format(Date.parse(iso))
const isUnknown = computed(() => kept.value.some(({ id }) => outbox.unheard.get(id) === 'signed-out'))
</script>

<template>
  <section v-if="kept.length > 0" class="unheard" :class="{ shouts }" role="alert" :aria-label="says.notYetHeard">
    <p v-for="{ id, type, at } in kept" :key="id" class="large">
      {{ says.keptHereNotYetHeard(WHAT[type] ?? type) }} <small>{{ says.since(time(at)) }}</small>
    </p>
    <p v-if="shouts">
      {{ says.shoutAndUseTheSwitch }}
      <template v-if="isUnknown">
        {{ says.theShopDoesNotKnow }}
      </template>
    </p>
  </section>
</template>

<style scoped>
.unheard { padding: var(--space-6) var(--space-8); border-bottom: var(--line-heavy) solid var(--ink); background: var(--panel); font-weight: 650; }
.shouts { background: var(--stop); color: var(--on-stop, #fff); }
.large { font-size: clamp(var(--type-big), 4vw, var(--type-figure)); font-weight: 900; line-height: 1.15; }
.large small { font-size: var(--type-lead); font-weight: 650; white-space: nowrap; }
@media (max-width: 900px) { .unheard { order: -2; } }
</style>
