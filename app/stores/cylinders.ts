import { defineStore } from 'pinia'
import type { CylinderRow } from '#shared/contract/readings'

/** Cylinders as their own pages last read them: the list beside an opened one shows it without reading all of them again. */
export const useCylinders = defineStore('cylinders', () => {
  const read = shallowRef<Readonly<Record<string, CylinderRow>>>({})
  const keep = (row: CylinderRow) => {
    read.value = { ...read.value, [row.tagId]: row }
  }
  /** A row of a list, or what is known of it since. */
  function newest(row: CylinderRow): CylinderRow {
    const known = read.value[row.tagId]
    return known && known.version > row.version ? known : row
  }
  const forget = () => {
    read.value = {}
  }
  return { keep, newest, forget }
})
