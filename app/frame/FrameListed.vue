<script setup lang="ts" generic="Row extends object">
import type { ListOf } from './useList'
import type { TableColumnOf } from './table'
import { partPages } from '~/words/parts'

const says = partPages.table

/**
 * A list that is no table, with what stands over it: found, sorted, taken out. As it comes it stands in the page's own parts; asked for
 * something else, in one row after the other.
 */
const { list, columns, name } = defineProps<{
  list: ListOf<Row>
  columns: readonly TableColumnOf<Row>[]
  /** What it is called as a file. */
  name: string
}>()
defineSlots<{ default: () => unknown, row: (props: { readonly row: Row }) => unknown }>()
/** The page's own list: what is typed here narrows it there. */
const asked = computed(() => list)
</script>

<template>
  <FrameListBar
    v-if="list.count > 0"
    v-model:sought="asked.sought"
    v-model:sorted-by="asked.sortedBy"
    v-model:is-down="asked.isDown"
    :count="list.count"
    :found="list.found.length"
    :sorts="columns"
  >
    <FrameTakeOut :name="name" :rows="list.taken" :count="list.found.length" />
  </FrameListBar>
  <section v-if="list.isAsked" :aria-label="says.foundHere">
    <template v-for="(row, index) in list.drawn" :key="index">
      <slot name="row" :row="row" />
    </template>
    <p v-if="list.found.length === 0" class="soft none">
      {{ says.nothingLikeIt }}
    </p>
    <FrameKey v-if="list.left > 0" @click="list.more">
      {{ says.more(list.left) }}
    </FrameKey>
  </section>
  <slot v-else />
</template>

<style scoped>
.none { padding: var(--space-5) 0; }
</style>
