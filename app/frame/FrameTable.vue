<script setup lang="ts" generic="Row extends object">
import type { TableColumn } from '@nuxt/ui'
import type { TableColumnOf } from './table'
import { partPages } from '~/words/parts'

const says = partPages.table

/**
 * A list in columns: sorted by what stands over them, narrowed by typing, so many rows at a time. Each column's cells have a slot by its
 * id.
 */
const { columns, rows, name, keyOf, isFound = false, isFigures = false, empty = '', rowClass = () => '', atOnce = 60 } = defineProps<{
  columns: readonly TableColumnOf<Row>[]
  rows: readonly Row[]
  /** What the list is called, for who hears it. */
  name: string
  keyOf: (row: Row) => string
  /** May be narrowed by typing. */
  isFound?: boolean
  /** Said where there is no row. */
  empty?: string
  rowClass?: (row: Row) => string
  /** A few figures side by side keep their columns on a phone; a list folds, each row onto lines of its own. */
  isFigures?: boolean
  /** How many rows at a time: nobody reads more at once, and a slow tablet need not draw them. */
  atOnce?: number
}>()
defineSlots<Record<string, (props: { readonly row: Row }) => unknown> & { tools?: (props: Record<string, never>) => unknown }>()

const list = useList<Row>(() => rows, () => columns, atOnce)

const classOf = ({ look, place, marks }: TableColumnOf<Row>, row: Row) =>
  [look, place === 'whole' ? 'nowrap' : place, marks?.(row)].filter(Boolean).join(' ')
const tableColumns = computed<TableColumn<Row>[]>(() =>
  columns.map(column => ({
    id: column.id,
    header: column.header,
    cell: ({ row }) => column.said?.(row.original) ?? '',
    meta: { class: { td: ({ row }) => classOf(column, row.original), th: column.mark } },
  })))
</script>

<template>
  <div class="listed">
    <div v-if="$slots.tools || (isFound && rows.length > 8)" class="tools">
      <FrameText
        v-if="isFound && rows.length > 8"
        v-model="list.sought"
        class="sought only"
        type="search"
        maxlength="80"
        :label="says.find"
        :hint="list.sought ? says.shownOf(list.found.length, rows.length) : ''"
      />
      <slot name="tools" />
    </div>
    <UTable
      :ui="{ base: isFigures ? 'ledger' : 'ledger folds' }"
      :data="[...list.drawn]"
      :columns="tableColumns"
      :caption="name"
      :empty="list.sought ? says.nothingLikeIt : empty"
      :get-row-id="keyOf"
      :watch-options="{ deep: false }"
      :meta="{ class: { tr: row => rowClass(row.original) } }"
    >
      <template v-for="column in columns" :key="column.id" #[`${column.id}-header`]>
        <span v-if="column.isHeard" class="visually-hidden">{{ column.header }}</span>
        <FrameKey
          v-else-if="column.by"
          look="bare"
          class="turn"
          :class="list.directionOf(column.id)"
          @click="list.turn(column.id)"
        >
          {{ column.header }}
          <span v-if="list.directionOf(column.id)" class="visually-hidden">
            {{ list.directionOf(column.id) === 'up' ? says.upwards : says.downwards }}
          </span>
        </FrameKey>
        <template v-else>
          {{ column.header }}
        </template>
      </template>
      <template v-for="column in columns.filter(({ id }) => id in $slots)" :key="column.id" #[`${column.id}-cell`]="{ row }">
        <slot :name="column.id" :row="row.original" />
      </template>
    </UTable>
    <FrameKey v-if="list.left > 0" class="more" @click="list.more">
      {{ says.more(list.left) }}
    </FrameKey>
  </div>
</template>

<style scoped>
.sought { flex: 0 1 360px; }
.more { margin-top: var(--space-6); }
.turn { min-height: 56px; padding: 0; border: 0; background: none; color: inherit; font: inherit; text-align: left; cursor: pointer; }
.turn::after { content: "↕" / ""; display: inline-block; width: 14px; margin-left: var(--space-2); text-align: center; }
.turn.up::after { content: "↑" / ""; }
.turn.down::after { content: "↓" / ""; }
.tools { display: flex; flex-wrap: wrap; gap: 0 var(--space-6); align-items: center; }
.turn.up, .turn.down { color: var(--ink); font-weight: 800; }
</style>
