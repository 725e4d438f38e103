<script setup lang="ts">
import type { TakenOut, TakeWhole } from './csv'
import { partPages } from '~/words/parts'

const says = partPages.takeOut

/** Takes a list out of the page, as it is shown: as a file for a spreadsheet, or on paper. */
const { name, rows, count, whole = undefined } = defineProps<{
  name: string
  rows: () => TakenOut
  count: number
  /** Reads the rest of a list of which only a part is here. */
  whole?: TakeWhole
}>()
const clock = useClock()

async function save(taken: TakenOut) {
  const { csvOf } = await import('./csv')
  // A mark at the beginning tells spreadsheets that it is UTF-8.
  const address = URL.createObjectURL(new Blob(['\uFEFF', csvOf(taken)], { type: 'text/csv' }))
  const link = document.createElement('a')
  link.href = address
  link.download = `zonaris-${name}-${clock.nowIso().slice(0, 10)}.csv`
  link.click()
  URL.revokeObjectURL(address)
}
const print = () => window.print()

const running = shallowRef<AbortController | null>(null)
const read = ref<{ readonly count: number, readonly share: number | null }>({ count: 0, share: 0 })
const refused = ref('')
async function saveWhole(take: TakeWhole) {
  const run = new AbortController()
  running.value = run
  refused.value = ''
  read.value = { count: 0, share: 0 }
  const taken = await take((count, share) => {
    read.value = { count, share }
  }, run.signal)
  // Ended by hand, it is gone already, and perhaps begun again.
  if (taken === null) return
  running.value = null
  // Half a record in a file looks like all of it: what could not be read to its end is not saved.
  if ('refused' in taken) refused.value = says.notAll(taken.refused)
  else await save(taken)
}
function stop() {
  running.value?.abort()
  running.value = null
}
onUnmounted(stop)
</script>

<template>
  <div class="take-out">
    <FrameKey look="quiet" @click="save(rows())">
      {{ says.saveAsCsv(count) }}
    </FrameKey>
    <FrameKey v-if="whole" look="quiet" :disabled="running !== null" @click="saveWhole(whole)">
      {{ says.saveAll }}
    </FrameKey>
    <FrameKey look="quiet" @click="print">
      {{ says.print }}
    </FrameKey>
    <FrameProgress v-if="running" class="running" :label="says.reading(read.count)" :share="read.share" @cancel="stop" />
    <p v-if="refused" class="said" role="alert">
      {{ refused }}
    </p>
  </div>
</template>

<style scoped>
.take-out { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.running, .said { flex-basis: 100%; }
</style>
