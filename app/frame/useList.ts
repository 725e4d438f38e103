import { computed, reactive, ref, watch } from 'vue'
import { plain } from '#core/commandline/plain'
import type { TakenOut } from './csv'
import type { TableColumnOf } from './table'

/**
 * What every list does: it is narrowed by typing, sorted by what its columns say, and shows so many rows at a time. Whatever narrows or
 * sorts it anew shows it from its beginning.
 *
 * @param rows as they come: in the order that most needs somebody
 * @param columns what a row says, and by what rows are sorted
 * @param atOnce how many rows at a time: nobody reads more at once, and a slow tablet need not draw them
 */
export function useList<Row>(rows: () => readonly Row[], columns: () => readonly TableColumnOf<Row>[], atOnce = 60) {
  const sought = ref('')
  /** The column that it is sorted by; none: as it comes. */
  const sortedBy = ref('')
  const isDown = ref(false)
  const shown = ref(atOnce)
  watch([sought, sortedBy, isDown], () => {
    shown.value = atOnce
  })

  const found = computed<readonly Row[]>(() => {
    const wanted = plain(sought.value).split(' ').filter(Boolean)
    if (wanted.length === 0) return rows()
    return rows().filter((row) => {
      const text = plain(columns().map(({ said }) => said?.(row) ?? '').join(' '))
      return wanted.every(word => text.includes(word))
    })
  })
  const sorted = computed<readonly Row[]>(() => {
    const column = columns().find(({ id }) => id === sortedBy.value)
    const by = column?.by === true ? column.said : column?.by
    if (!by) return found.value
    const order = new Intl.Collator(undefined, { numeric: true })
    const compare = (a: string | number, b: string | number) =>
      typeof a === 'number' && typeof b === 'number' ? a - b : order.compare(String(a), String(b))
    return found.value.toSorted((a, b) => compare(by(a), by(b)) * (isDown.value ? -1 : 1))
  })
  const drawn = computed<readonly Row[]>(() => sorted.value.slice(0, shown.value))
  const left = computed(() => sorted.value.length - drawn.value.length)
  /** It is not as it came: a page that parts its rows shows them as one list. */
  const isAsked = computed(() => sought.value.trim() !== '' || sortedBy.value !== '')
  const count = computed(() => rows().length)

  /** Once upwards, once downwards, and then as the list came. */
  const turn = (id: string) => {
    if (sortedBy.value !== id) [sortedBy.value, isDown.value] = [id, false]
    else if (isDown.value) [sortedBy.value, isDown.value] = ['', false]
    else isDown.value = true
  }
  const directionOf = (id: string): 'up' | 'down' | null => (sortedBy.value === id ? isDown.value ? 'down' : 'up' : null)
  const more = () => {
    shown.value += atOnce
  }
  /** All that is found, in the order in which it stands, to be taken out of the page. */
  const taken = (): TakenOut => {
    const said = columns().filter(one => one.said !== undefined)
    return { fields: said.map(({ header }) => header), data: sorted.value.map(row => said.map(one => (one.taken ?? one.said!)(row))) }
  }
  return reactive({ sought, sortedBy, isDown, found, sorted, drawn, left, count, isAsked, turn, directionOf, more, taken })
}

/** A list of rows of one sort. */
export type ListOf<Row> = ReturnType<typeof useList<Row>>
