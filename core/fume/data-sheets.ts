import type { Decision } from '../command/decision'
import { finding } from '../finding'
import type { ConsumableId } from '../vocabulary/vocabulary'
import type { FumeDataSheet } from './data-sheet'

/** The shop's own data sheets, by consumable. */
export type FumeDataSheets = Readonly<Partial<Record<ConsumableId, FumeDataSheet>>>
export const NO_SHEETS: FumeDataSheets = {}

export interface FumeCommands {
  'fume.enter-sheet': { readonly sheet: FumeDataSheet }
  'fume.drop-sheet': { readonly consumable: ConsumableId }
}
export type FumeCommand = { [T in keyof FumeCommands]: { readonly type: T, readonly payload: FumeCommands[T] } }[keyof FumeCommands]

export type FumeEvent =
  | { readonly type: 'sheet-entered', readonly version: 1, readonly payload: FumeCommands['fume.enter-sheet'] }
  | { readonly type: 'sheet-dropped', readonly version: 1, readonly payload: FumeCommands['fume.drop-sheet'] }

export function evolveSheets(sheets: FumeDataSheets, event: FumeEvent): FumeDataSheets {
  if (event.type === 'sheet-entered') return { ...sheets, [event.payload.sheet.consumable]: event.payload.sheet }
  return Object.fromEntries(Object.entries(sheets).filter(([consumable]) => consumable !== event.payload.consumable))
}

/** Decides a change to the data sheets: one that is not there cannot be dropped. */
export function decideSheets(sheets: FumeDataSheets, command: FumeCommand): Decision<FumeEvent> {
  if (command.type === 'fume.enter-sheet') return { events: [{ type: 'sheet-entered', version: 1, payload: command.payload }] }
  const { consumable } = command.payload
  return sheets[consumable] ? { events: [{ type: 'sheet-dropped', version: 1, payload: command.payload }] } : { refused: [finding('hold', 'command.unknown-stream', { streamId: consumable })] }
}
