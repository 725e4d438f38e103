import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import type { ConsumableId, ProcessId } from '../../ids/vocabulary'
import type { FumeDataSheet } from '../../fume/data-sheet'
import { onlyProcessOf } from '../../fume/data-sheet'

/** The shop's own data sheets, by process and consumable. */
export type FumeDataSheets = Readonly<Record<string, FumeDataSheet>>
export const NO_SHEETS: FumeDataSheets = {}

const keyOf = (process: ProcessId | null, consumable: ConsumableId): string => `${process ?? ''} ${consumable}`

/** The sheet that speaks for a consumable in a process, or else one that does not say for which it speaks. */
export const sheetFor = (sheets: FumeDataSheets, process: ProcessId, consumable: ConsumableId | undefined): FumeDataSheet | undefined =>
  consumable && (sheets[keyOf(process, consumable)] ?? sheets[keyOf(null, consumable)])

export interface FumeCommands {
  'fume.enter-sheet': { readonly sheet: FumeDataSheet & { readonly process: ProcessId } }
  'fume.drop-sheet': { readonly process: ProcessId | null, readonly consumable: ConsumableId }
}
export type FumeCommand = { [T in keyof FumeCommands]: { readonly type: T, readonly payload: FumeCommands[T] } }[keyof FumeCommands]

export type FumeEvent
  = | { readonly type: 'sheet-entered', readonly version: 2, readonly payload: { readonly sheet: FumeDataSheet } }
    | { readonly type: 'sheet-dropped', readonly version: 2, readonly payload: FumeCommands['fume.drop-sheet'] }

export function evolveSheets(sheets: FumeDataSheets, event: FumeEvent): FumeDataSheets {
  if (event.type === 'sheet-entered') {
    const { process, consumable } = event.payload.sheet
    const unsaid = keyOf(null, consumable)
    // One that says its process takes the place of one that does not.
    return {
      ...Object.fromEntries(Object.entries(sheets).filter(([key]) => key !== unsaid)),
      [keyOf(process, consumable)]: event.payload.sheet,
    }
  }
  const dropped = keyOf(event.payload.process, event.payload.consumable)
  return Object.fromEntries(Object.entries(sheets).filter(([key]) => key !== dropped))
}

/** The first version named no process: the one that the consumable is ordinarily used with, where there is just one. */
export function upcastSheets(type: string, version: number, payload: unknown): FumeEvent {
  if (version >= 2) return { type, version: 2, payload } as FumeEvent
  if (type === 'sheet-entered') {
    const { sheet } = payload as { readonly sheet: Omit<FumeDataSheet, 'process'> }
    return { type, version: 2, payload: { sheet: { ...sheet, process: onlyProcessOf(sheet.consumable) } } }
  }
  const { consumable } = payload as { readonly consumable: ConsumableId }
  return { type: 'sheet-dropped', version: 2, payload: { process: onlyProcessOf(consumable), consumable } }
}

/** Decides a change to the data sheets: one that is not there cannot be dropped. */
export function decideSheets(sheets: FumeDataSheets, command: FumeCommand): Decision<FumeEvent> {
  if (command.type === 'fume.enter-sheet') return { events: [{ type: 'sheet-entered', version: 2, payload: command.payload }] }
  const { process, consumable } = command.payload
  return sheets[keyOf(process, consumable)]
    ? { events: [{ type: 'sheet-dropped', version: 2, payload: command.payload }] }
    : { refused: [finding('hold', 'command.unknown-stream', { streamId: consumable })] }
}
