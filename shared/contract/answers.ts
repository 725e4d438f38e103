import type { z } from 'zod'
import type { Envelope } from './command-schemas'
import type { classPlanRequest, classPlanResponse } from './class-plan-schema'
import type { ClearanceReading } from './clearance-schema'
import type {
  AirOfDaysReading, CareReading, DayPlansReading,
  WardrobeReading, CommandAccepted, CylinderPageReading, CylindersReading, DevicesReading, FloorReading, KitItemPageReading, HelmetsReading,
  KitItemReading, KitReading, LogReading,
  MonitorPageReading, PermitPageReading, PermitsReading, PersonReading, PlacesReading, PublicCardReading,
  PublicPermitReading,
  PublicShopReading, RoundReading, SessionReading, WearersReading,
} from './readings'
import type {
  careRequest, credentialsRequest, deviceKeyRequest, firstRunRequest, nameDeviceRequest, preferencesRequest, redeemRequest,
  revokeDeviceRequest, signInCodeRequest,
  signInRequest, wearerRequest,
} from './sign-in-schema'

/** What each address tells whoever asks: the server's routes answer it and the pages read it. `{tag}` stands for a part of the address. */
export interface Readings {
  'session': SessionReading
  'floor': FloorReading
  'gas': CylindersReading
  'places': PlacesReading
  'cylinders/{tag}': CylinderPageReading
  'monitors/{monitorId}': MonitorPageReading
  'items': { readonly items: readonly KitItemReading[] }
  'items/{tag}': KitItemPageReading
  'kit': KitReading
  'kit/round': RoundReading
  'kit/helmets': HelmetsReading
  'permits': PermitsReading
  'permits/{permitId}': PermitPageReading
  'public/permits/{code}': PublicPermitReading
  'public/cards/{token}': PublicCardReading
  'public/shop': PublicShopReading
  'wearers': WearersReading
  'care': CareReading
  'wardrobe': WardrobeReading
  'day-plans': DayPlansReading
  'people': { readonly people: readonly PersonReading[] }
  'people/{personId}/air': AirOfDaysReading
  'devices': DevicesReading
  'log': LogReading
  'clearance': ClearanceReading
}
export type ReadingPath = keyof Readings

type Nothing = Record<string, never>
type Form<Schema extends z.ZodType, Answer> = { readonly asks: z.input<Schema>, readonly answers: Answer }

/** What each address takes that something is sent to, and what it answers. */
export interface Forms {
  'commands': { readonly asks: Envelope, readonly answers: CommandAccepted }
  'sign-in': Form<typeof signInRequest, { readonly personId: string }>
  'sign-out': { readonly asks: Nothing, readonly answers: Nothing }
  'sign-out-everywhere': { readonly asks: Nothing, readonly answers: Nothing }
  'first-run': Form<typeof firstRunRequest, { readonly siteId: string, readonly personId: string }>
  'redeem': Form<typeof redeemRequest, { readonly personId: string, readonly signsFrom: string | null }>
  'credentials': Form<typeof credentialsRequest, Nothing>
  'preferences': Form<typeof preferencesRequest, Nothing>
  'sign-in-codes': Form<typeof signInCodeRequest, { readonly code: string, readonly loginName: string, readonly untilAt: string }>
  'device-keys': Form<typeof deviceKeyRequest, { readonly keyId: string, readonly name: string, readonly key: string }>
  'devices/name': Form<typeof nameDeviceRequest, Nothing>
  'devices/revoke': Form<typeof revokeDeviceRequest, Nothing>
  'wearers': Form<typeof wearerRequest, Nothing>
  'care': Form<typeof careRequest, Nothing>
  'classes/plan': Form<typeof classPlanRequest, z.output<typeof classPlanResponse>>
}
export type FormPath = keyof Forms

/** The names of the parts that an address leaves open. */
export type Parts<Path extends string> = Path extends `${string}{${infer Part}}${infer Rest}` ? Part | Parts<Rest> : never

/** What an address is asked with: its parts, and whatever narrows the answer. What is undefined is not asked. */
export type Given<Path extends string> = Readonly<Record<Parts<Path>, string>> & Readonly<Record<string, string | number | undefined>>

/**
 * An address with everything in its place: whatever a part holds, it stays that part.
 *
 * @example addressOf('items/{tag}', { tag: 'a/b' }) // 'items/a%2Fb'
 */
export function addressOf<Path extends ReadingPath>(path: Path, given: Given<Path>): string {
  const rest = new Map(Object.entries<string | number | undefined>(given))
  const address = path.replace(/\{(\w+)\}/g, (_, part: string) => {
    const value = String(rest.get(part))
    rest.delete(part)
    // Dots alone are no part of an address, however they are written: they are asked for by a name that nothing has.
    return encodeURIComponent(/^\.{1,2}$/.test(value) ? encodeURIComponent(value).replaceAll('.', '%2E') : value)
  })
  const asked = [...rest].flatMap(([key, value]) => (value === undefined ? [] : [[key, String(value)]]))
  return asked.length === 0 ? address : `${address}?${new URLSearchParams(asked)}`
}
