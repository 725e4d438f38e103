import type { SiteCommands } from './site/site'
import type { PersonCommands } from './person/person'
import type { StationCommands } from './station/decide-station'
import type { HouseRulesCommands } from './house-rules/decide-house-rules'
import type { FumeCommands } from './fume-sheets/fume-sheets'
import type { HallCommands } from './hall/hall'
import type { SamplesCommands } from './samples/samples'
import type { CylinderCommands } from './cylinder/cylinder'
import type { CheckListsCommands } from './check-lists/check-lists'
import type { KitItemCommands } from './kit-item/kit-item'
import type { MonitorCommands } from './monitor/monitor'
import type { NoticeCommands } from './notice/notice'
import type { PlaceCommands } from './place/place'
import type { PermitCommands } from './permit/permit'
import type { SealCommands } from './seal/seal'
import type { DayPlansCommands } from './day-plans/day-plans'
import type { WardrobeCommands } from './wardrobe/wardrobe'

/** Every command with its payload. The Zod schemas in shared/ must satisfy them. */
export interface CommandPayloads
  extends
  SiteCommands,
  PersonCommands,
  StationCommands,
  HouseRulesCommands,
  SealCommands,
  HallCommands,
  FumeCommands,
  SamplesCommands,
  KitItemCommands,
  CylinderCommands,
  CheckListsCommands,
  PlaceCommands,
  MonitorCommands,
  NoticeCommands,
  PermitCommands,
  WardrobeCommands,
  DayPlansCommands {}
export type CommandType = keyof CommandPayloads

/** A command with the stream that it is given to: what one tap says. */
export interface Addressed<Type extends CommandType = CommandType> { readonly streamId: string, readonly command: CommandOf<Type> }

/** A command as its area decides it. */
export type CommandOf<Type extends CommandType = CommandType> = {
  [T in Type]: { readonly type: T, readonly payload: CommandPayloads[T] }
}[Type]
