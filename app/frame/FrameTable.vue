<script setup lang="ts" generic="Row extends object">
import type { TableColumn } from '@nuxt/ui'
import { plain } from '#core/commandline/plain'
import type { TableColumnOf } from './table'
import { framePages } from '~/words/frame'

const says = framePages.table

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

const shown = ref(atOnce)
const sorting = ref<{ id: string, desc: boolean }[]>([])
const sought = ref('')
watch([sorting, sought], () => {
  shown.value = atOnce
})

const found = computed(() => {
  const wanted = plain(sought.value).split(' ').filter(Boolean)
  if (wanted.length === 0) return [...rows]
  return rows.filter((row) => {
    const text = plain(columns.map(({ said }) => said?.(row) ?? '').join(' '))
    return wanted.every(word => text.includes(word))
  })
})
const sorted = computed(() => {
  const [first] = sorting.value
  const column = first && columns.find(({ id }) => id === first.id)
  const by = column?.by === true ? column.said : column?.by
  if (!first || !by) return found.value
  const order = new Intl.Collator(undefined, { numeric: true })
  const compare = (a: string | number, b: string | number) =>
    typeof a === 'number' && typeof b === 'number' ? a - b : order.compare(String(a), String(b))
  return found.value.toSorted((a, b) => compare(by(a), by(b)) * (first.desc ? -1 : 1))
})
const drawn = computed(() => sorted.value.slice(0, shown.value))

const classOf = ({ look, place, marks }: TableColumnOf<Row>, row: Row) =>
  [look, place === 'whole' ? 'nowrap' : place, marks?.(row)].filter(Boolean).join(' ')
const tableColumns = computed<TableColumn<Row>[]>(() =>
  columns.map(column => ({
    id: column.id,
    header: column.header,
    cell: ({ row }) => column.said?.(row.original) ?? '',
    meta: { class: { td: ({ row }) => classOf(column, row.original), th: column.mark } },
  })))
/** Once upwards, once downwards, and then as the list came. */
const turn = (id: string) => {
  const now = sorting.value.find(one => one.id === id)
  sorting.value = now === undefined ? [{ id, desc: false }] : now.desc ? [] : [{ id, desc: true }]
}
const directionOf = (id: string): 'up' | 'down' | null => {
  const now = sorting.value.find(one => one.id === id)
  return now === undefined ? null : now.desc ? 'down' : 'up'
}
</script>

<template>
  <div class="listed">
    <div v-if="$slots.tools || (isFound && rows.length > 8)" class="tools">
      <FrameField
        v-if="isFound && rows.length > 8"
        v-slot="{ id, describedBy }"
        class="sought only"
        :label="says.find"
        :hint="sought ? says.shownOf(found.length, rows.length) : ''"
      >
        <UInput
          :id="id"
          v-model="sought"
          type="search"
          maxlength="80"
          :aria-describedby="describedBy"
        />
      </FrameField>
      <slot name="tools" />
    </div>
    <UTable
      :ui="{ base: isFigures ? 'ledger' : 'ledger folds' }"
      :data="drawn"
      :columns="tableColumns"
      :caption="name"
      :empty="sought ? says.nothingLikeIt : empty"
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
          :class="directionOf(column.id)"
          @click="turn(column.id)"
        >
          {{ column.header }} <span v-if="directionOf(column.id)" class="visually-hidden">{{ directionOf(column.id) === 'up' ? says.upwards : says.downwards }}</span>
        </FrameKey>
        <template v-else>
          {{ column.header }}
        </template>
      </template>
      <template v-for="column in columns.filter(({ id }) => id in $slots)" :key="column.id" #[`${column.id}-cell`]="{ row }">
        <slot :name="column.id" :row="row.original" />
      </template>
    </UTable>
    <FrameKey v-if="sorted.length > shown" class="more" @click="shown += atOnce">
      {{ says.more(sorted.length - shown) }}
    </FrameKey>
  </div>
</template>

<style scoped>
.sought { flex: 0 1 360px; }
.more { margin-top: 14px; }
.turn { min-height: 56px; padding: 0; border: 0; background: none; color: inherit; font: inherit; text-align: left; cursor: pointer; }
.turn::after { content: "↕" / ""; display: inline-block; width: 14px; margin-left: 4px; text-align: center; }
.turn.up::after { content: "↑" / ""; }
.turn.down::after { content: "↓" / ""; }
.tools { display: flex; flex-wrap: wrap; gap: 0 14px; align-items: center; }
.turn.up, .turn.down { color: var(--ink); font-weight: 800; }
</style>
