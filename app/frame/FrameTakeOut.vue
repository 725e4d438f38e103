<script setup lang="ts">
import type { TakenOut } from './csv'
import { framePages } from '~/words/frame'

const says = framePages.takeOut

/** Takes a list out of the page, as it is shown: as a file for a spreadsheet, or on paper. */
const { name, rows, count } = defineProps<{ name: string, rows: () => TakenOut, count: number }>()
const clock = useClock()

async function save() {
  const { csvOf } = await import('./csv')
  // A mark at the beginning tells spreadsheets that it is UTF-8.
  const address = URL.createObjectURL(new Blob(['\uFEFF', csvOf(rows())], { type: 'text/csv' }))
  const link = document.createElement('a')
  link.href = address
  link.download = `zonaris-${name}-${clock.nowIso().slice(0, 10)}.csv`
  link.click()
  URL.revokeObjectURL(address)
}
const print = () => window.print()
</script>

<template>
  <div class="take-out">
    <FrameKey look="quiet" @click="save">
      {{ says.saveAsCsv(count) }}
    </FrameKey>
    <FrameKey look="quiet" @click="print">
      {{ says.print }}
    </FrameKey>
  </div>
</template>

<style scoped>
.take-out { display: flex; gap: 8px; }
</style>
