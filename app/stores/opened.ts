import { defineStore } from 'pinia'
import type { Since } from '#shared/beside'
import type { CylinderRow, KitItemReading, PermitRow } from '#shared/contract/readings'

/** What is opened beside a list of its kind. */
export interface OpenedRows {
  readonly cylinder: CylinderRow
  readonly item: KitItemReading
  readonly permit: PermitRow
}
export type OpenedKind = keyof OpenedRows
type Known = { readonly [Kind in OpenedKind]: Readonly<Record<string, Since<OpenedRows[Kind]>>> }

const NOTHING: Known = { cylinder: {}, item: {}, permit: {} }

/** Things as their own pages last read them: the list beside an opened one shows it without reading all of them again. */
export const useOpened = defineStore('opened', () => {
  const read = shallowRef(NOTHING)
  function keep<Kind extends OpenedKind>(kind: Kind, id: string, row: OpenedRows[Kind], asOf: number) {
    read.value = { ...read.value, [kind]: { ...read.value[kind], [id]: { row, asOf } } }
  }
  /** What is kept of it may be older than what was told. */
  function drop(kind: OpenedKind, id: string) {
    const { [id]: _dropped, ...others } = read.value[kind]
    read.value = { ...read.value, [kind]: others }
  }
  /** All that were read of a kind, by id. */
  const of = <Kind extends OpenedKind>(kind: Kind): Known[Kind] => read.value[kind]
  const forget = () => {
    read.value = NOTHING
  }
  return { keep, drop, of, forget }
})
