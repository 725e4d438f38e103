<script setup lang="ts">
import { reachOf } from '#core/rights/rights'
import type { Seal } from '#core/streams/seal/seal'
import { shownTag } from '#core/ids/tag'
import type { LogEntry } from '#shared/contract/readings'
import { saidOf, whoDid } from '~/areas/log/useLogWords'
import { HOUSE_RULES_STREAM, readStreamId, SEAL_STREAM, SITE_STREAM, stationStream } from '#core/ids/streams'
import { logPages } from '~/words/log'
import { language } from '~/words/live'

const says = logPages.page

const facts = useFacts()
const called = useWhere()
const lookup = useLookup()
const session = useSession()
/** A seal speaks for the whole record: its sheet is for who reads all of it. */
const readsAll = computed(() => session.person !== null && reachOf(session.person, 'read-records') === 'all')
const entries = ref<readonly LogEntry[]>([])
const next = ref<number | null>(null)
const failed = ref<string | null>(null)
const loading = ref(true)
const only = ref('')

async function load(more = false) {
  loading.value = true
  const before = more ? next.value ?? undefined : undefined
  const reply = await askFor('log', { limit: 60, before, streamId: only.value || undefined })
  loading.value = false
  if (!reply.ok) {
    failed.value = wordsOf(reply)
    return
  }
  failed.value = null
  entries.value = more ? [...entries.value, ...reply.body.entries] : reply.body.entries
  next.value = reply.body.next
}
const streams = computed(() => [...facts.site.bays.map(({ bayId }) => stationStream(bayId)), HOUSE_RULES_STREAM, SITE_STREAM, SEAL_STREAM])
onMounted(() => load())
watch([() => facts.reading?.position, only], () => load())

const where = (streamId: string) => {
  const read = readStreamId(streamId)
  if (read?.kind === 'station') return says.bay(facts.site.bays.find(bay => bay.bayId === read.id)?.label ?? read.id)
  if (read?.kind === 'person') return lookup.names.get(read.id) ?? says.aPerson
  if (read?.kind === 'item' || read?.kind === 'cylinder') return shownTag(read.id)
  if (read?.kind === 'permit') return says.hotWork
  return read?.kind === 'house-rules' ? says.houseRules : read?.kind === 'seal' ? says.seal : says.site
}
const { exactly } = useDates()
/** What is listed here, with whole fingerprints: a file is checked, and not read. */
const taken = () => ({
  fields: [says.no, says.when, says.who, says.where, says.what, says.fingerprint],
  data: entries.value.map(entry => [
    entry.position, entry.at, whoDid(entry), where(entry.streamId), saidOf(entry, facts.rules.units, called), entry.hash,
  ]),
})
</script>

<template>
  <main class="page">
    <h1>{{ says.log }}</h1>
    <p class="lead">
      {{ says.whatHappenedWhoDidIt }}
    </p>
    <FrameSelect v-model="only" class="only" :label="says.show" :none="says.everything" :ids="streams" :named="where" />
    <p v-if="failed" class="said" role="alert">
      {{ failed }}
    </p>
    <FrameTakeOut v-if="entries.length > 0" name="log" :rows="taken" :count="entries.length" />
    <table class="ledger">
      <thead>
        <tr>
          <th>{{ says.no }}</th><th>{{ says.when }}</th><th>{{ says.who }}</th><th>{{ says.where }}</th><th>{{ says.what }}</th>
          <th>{{ says.fingerprint }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="entry in entries" :key="entry.position">
          <td class="print">
            {{ entry.position }}
          </td>
          <td class="print nowrap">
            {{ exactly(entry.at) }}
          </td>
          <td class="nowrap">
            {{ whoDid(entry) }}
          </td>
          <td class="nowrap">
            {{ where(entry.streamId) }}
          </td>
          <td class="wide">
            {{ saidOf(entry, facts.rules.units, called) }}
            <a
              v-if="entry.type === 'day-sealed' && readsAll"
              class="key link sheet"
              :href="`/api/v1/days/${(entry.payload as Seal).day}/sheet?language=${language}`"
              target="_blank"
              rel="noopener"
            >{{ says.daySheet }}</a>
          </td>
          <td class="print soft">
            {{ entry.hash.slice(0, 8) }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="entries.length === 0 && !loading && !failed">
      {{ says.nothingIsRecordedYet }}
    </p>
    <FrameKey v-if="next !== null" class="older" :disabled="loading" @click="load(true)">
      {{ says.older }}
    </FrameKey>
  </main>
</template>

<style scoped>
.only { max-width: 300px; }
.nowrap { white-space: nowrap; }
.older { margin-top: 14px; }
.sheet { margin-left: 12px; min-height: 44px; display: inline-grid; place-items: center; }
</style>
