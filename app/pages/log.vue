<script setup lang="ts">
import { reachOf } from '#core/rights/rights'
import type { Seal } from '#core/streams/seal/seal'
import type { LogEntry } from '#shared/contract/readings'
import { askedFor } from '~/areas/log/log-search'
import { useLogSearch } from '~/areas/log/useLogSearch'
import { useLogWhere } from '~/areas/log/useLogWhere'
import { saidOf, whoDid } from '~/areas/log/useLogWords'
import type { TakenOut, TakeWhole } from '~/frame/csv'
import type { TableColumnOf } from '~/frame/table'
import { logPages } from '~/words/log'
import { language } from '~/words/live'

const says = logPages.page

const facts = useFacts()
const called = useWhere()
const where = useLogWhere()
const session = useSession()
const { search, isNarrowed, clear } = useLogSearch()
/** A seal speaks for the whole record: its sheet is for who reads all of it. */
const readsAll = computed(() => session.person !== null && reachOf(session.person, 'read-records') === 'all')
const entries = shallowRef<readonly LogEntry[]>([])
const next = ref<number | null>(null)
const failed = ref<string | null>(null)
const loading = ref(true)

const LINES = 60
/** The most that the server hands out at once. */
const MOST_LINES = 200

/** Reads the newest lines, or those before the oldest that is shown, or what came after the newest. */
async function load(which: 'anew' | 'older' | 'newer') {
  const asked = search.value
  loading.value = true
  const before = which === 'older' ? next.value ?? undefined : undefined
  const reply = await askFor('log', { limit: LINES, before, ...askedFor(asked) })
  // What was looked for has changed meanwhile: its own answer is on its way.
  if (asked !== search.value) return
  loading.value = false
  if (!reply.ok) {
    failed.value = wordsOf(reply)
    return
  }
  failed.value = null
  const { entries: read, next: further } = reply.body
  const newest = entries.value[0]?.position ?? 0
  const joins = which === 'newer' && read.some(({ position }) => position <= newest)
  const oldest = entries.value.at(-1)?.position ?? Infinity
  // Asked for twice, a line stands there once.
  if (which === 'older') entries.value = [...entries.value, ...read.filter(({ position }) => position < oldest)]
  // Whoever has gone back in the record stays where they are: what others did since is put above it.
  else entries.value = joins ? [...read.filter(({ position }) => position > newest), ...entries.value] : read
  if (!joins) next.value = further
}
onMounted(() => load('anew'))
watch(search, () => load('anew'))
watch(() => facts.reading?.position, () => load('newer'))

const { exactly } = useDates()
const said = (entry: LogEntry): string => saidOf(entry, facts.rules.units, called)
const columns = computed<readonly TableColumnOf<LogEntry>[]>(() => [
  { id: 'no', header: says.no, look: 'print' },
  { id: 'when', header: says.when, look: 'print', place: 'whole' },
  { id: 'who', header: says.who, place: 'whole' },
  { id: 'where', header: says.where },
  { id: 'what', header: says.what, place: 'wide' },
])
/** The line whose fingerprint is looked at. */
const opened = shallowRef<LogEntry | null>(null)
const isOpen = computed({ get: () => opened.value !== null, set: () => (opened.value = null) })
/** Lines with whole fingerprints: a file is checked, and not read. */
const takenOf = (lines: readonly LogEntry[]): TakenOut => ({
  fields: [says.no, says.when, says.who, says.where, says.what, says.fingerprint],
  data: lines.map(entry => [
    entry.position, entry.at, whoDid(entry), where(entry.streamId, entry.about).name, said(entry), entry.hash,
  ]),
})
/** All that was looked for, from the newest to the first there is. */
const takeWhole: TakeWhole = async (told, signal) => {
  const asked = askedFor(search.value)
  const lines: LogEntry[] = []
  let before: number | null | undefined
  while (before !== null) {
    const reply = await askFor('log', { limit: MOST_LINES, before, ...asked })
    if (signal.aborted) return null
    if (!reply.ok) return { refused: wordsOf(reply) }
    lines.push(...reply.body.entries)
    before = reply.body.next
    const newest = lines[0]?.position ?? 0
    told(lines.length, before === null || newest === 0 ? null : 1 - before / newest)
  }
  return takenOf(lines)
}
</script>

<template>
  <main class="page">
    <h1>{{ says.log }}</h1>
    <p class="lead">
      {{ says.whatHappenedWhoDidIt }}
    </p>
    <LogSearch />
    <p v-if="failed" class="said" role="alert">
      {{ failed }}
    </p>
    <FrameTable
      :columns="columns"
      :rows="entries"
      :at-once="Infinity"
      :name="says.log"
      :key-of="entry => String(entry.position)"
      :empty="loading || failed ? '' : isNarrowed ? says.nothingOfThat : says.nothingIsRecordedYet"
    >
      <template v-if="isNarrowed || entries.length > 0" #tools>
        <FrameKey v-if="isNarrowed" @click="clear">
          {{ says.allOfIt }}
        </FrameKey>
        <FrameTakeOut v-if="entries.length > 0" name="log" :rows="() => takenOf(entries)" :count="entries.length" :whole="next === null ? undefined : takeWhole" />
      </template>
      <template #no="{ row }">
        <FrameKey look="bare" class="number" :aria-label="says.fingerprintOf(row.position)" @click="opened = row">
          {{ row.position }}
        </FrameKey>
      </template>
      <template #when="{ row }">
        {{ exactly(row.at) }}
      </template>
      <template #who="{ row }">
        {{ whoDid(row) }}
      </template>
      <template #where="{ row }">
        <NuxtLink v-if="where(row.streamId).to" class="to" :to="where(row.streamId).to!" prefetch-on="interaction">
          {{ where(row.streamId, row.about).name }}
        </NuxtLink>
        <template v-else>
          {{ where(row.streamId).name }}
        </template>
      </template>
      <template #what="{ row }">
        {{ said(row) }}
        <a
          v-if="row.type === 'day-sealed' && readsAll"
          class="key link sheet"
          :href="`/api/v1/days/${(row.payload as Seal).day}/sheet?language=${language}`"
          target="_blank"
          rel="noopener"
        >{{ says.daySheet }}</a>
      </template>
    </FrameTable>
    <FrameKey v-if="next !== null" class="older" :disabled="loading" @click="load('older')">
      {{ says.older }}
    </FrameKey>
    <FrameSheet v-if="opened" v-model="isOpen" :title="says.fingerprintOf(opened.position)">
      <p class="print hash">
        {{ opened.hash }}
      </p>
      <p>{{ said(opened) }}</p>
      <p class="soft">
        {{ says.lineOfStream(opened.version, where(opened.streamId, opened.about).name) }}. {{ says.recordedAt(exactly(opened.recordedAt)) }}.
      </p>
    </FrameSheet>
  </main>
</template>

<style scoped>
.older { margin-top: var(--space-6); }
.sheet { margin-left: var(--space-6); min-height: 44px; display: inline-grid; place-items: center; }
.number { min-height: 44px; min-width: 48px; padding: 0; border: 0; background: none; color: inherit; font: inherit; text-align: left; text-decoration: underline dotted; text-underline-offset: 4px; cursor: pointer; }
.to { display: inline-grid; align-items: center; min-height: 44px; font-weight: 650; }
.hash { overflow-wrap: anywhere; font-size: var(--type-lead); }
</style>
