import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import type { Instant } from '../../time/instant'
import { laterOf, minutesAfter } from '../../time/instant'
import { isOutrun, newest } from '../../time/late-reports'
import type { AirOfDay } from '../../exposure/air-of-day'
import type { SettledShade } from '../../shade/settled-shade'
import { isSettledFor } from '../../shade/settled-shade'
import type { CompetenceId, ProcessId, RoleId, ZoneId } from '../../ids/vocabulary'
import type { OutfitToday } from '../../clearance/person-around'
import type { WearableId } from '../../ids/wearable-ids'
import { zonesOf } from '../../ppe/wearables'
import type { ToldGarment } from '../../ppe/wearables'

/** Whether somebody was taught a process and has shown to know it, as it was last said, and by whom. */
export interface SignOff { readonly isSignedOff: boolean, readonly by: string, readonly at: Instant }

/** When somebody was taught a process, by whom, and the day until which that stands; null for one that does not end. */
export interface Training {
  /** YYYY-MM-DD. */
  readonly trainedOn: string
  readonly taughtBy: string
  /** YYYY-MM-DD. */
  readonly nextOn: string | null
}

/** Somebody of the site. Passwords and PINs live in an erasable table of their own: the chain only knows that they were set. */
export interface Person {
  readonly name: string
  readonly roles: readonly RoleId[]
  readonly areaId: string | null
  readonly bayId: string | null
  /** The class or crew they come with; null for none. */
  readonly group: string | null
  readonly hasLeft: boolean
  readonly pinSet: boolean
  /** Seen clean-shaven, or not, on the shop day that ends then. */
  readonly shaven: { readonly isShaven: boolean, readonly validUntil: Instant, readonly at: Instant } | null
  /** Kinds of equipment this person is named competent for. */
  readonly competences: readonly CompetenceId[]
  /** That a health record exists, and what it hashed to; what it says is in an erasable table. */
  readonly health: { readonly recordId: string, readonly sha256: string } | null
  /** The same of what is known of their eyes and body. */
  readonly care: { readonly recordId: string, readonly sha256: string } | null
  readonly signOffs: Readonly<Partial<Record<ProcessId, SignOff>>>
  readonly trainings: Readonly<Partial<Record<ProcessId, Training & { readonly at: Instant, readonly by: string }>>>
  /** Shades they found for themselves, one for each process and band of current. */
  readonly settled: readonly (SettledShade & { readonly at: Instant })[]
  /** What they were last seen to have on, and by whom; also what they usually wear. */
  readonly outfit: (OutfitToday & { readonly by: string }) | null
  /** Clothes of the shop that they have. */
  readonly loans: readonly Loan[]
  /** When something of the shop's that covered a zone last went back: a look from before says nothing of that zone. */
  readonly takenOff: Readonly<Partial<Record<ZoneId, Instant>>>
  /** The last shop day of which it is kept what they breathed, YYYY-MM-DD. */
  readonly airKeptOn: string | null
}

/** Something of the shop's clothes that somebody was lent. */
export interface Loan {
  readonly loanId: string
  readonly wearable: WearableId
  readonly size: string
  readonly at: Instant
  readonly by: string
}

export const NOBODY: Person = {
  name: '',
  roles: [],
  areaId: null,
  bayId: null,
  group: null,
  hasLeft: false,
  pinSet: false,
  shaven: null,
  competences: [],
  health: null,
  care: null,
  signOffs: {},
  trainings: {},
  settled: [],
  outfit: null,
  loans: [],
  takenOff: {},
  airKeptOn: null,
}

export interface PersonProfile {
  readonly name: string
  readonly roles: readonly RoleId[]
  readonly areaId: string | null
  readonly bayId: string | null
  /** Left out: as it was; of somebody new, none. */
  readonly group?: string | null
}

export interface PersonCommands {
  'person.add': PersonProfile
  'person.change': PersonProfile
  /** Many at once, by id: somebody new is added, somebody known is changed. All of them, or nobody. */
  'person.enrol': { readonly people: Readonly<Record<string, PersonProfile>> }
  'person.leave': Record<string, never>
  /** Signed off for a process, or taken back. */
  'person.sign-off': { readonly process: ProcessId, readonly isSignedOff: boolean }
  /** What they were taught, as it was shown or said. */
  'person.note-training': { readonly process: ProcessId } & Training
  /** The shade found at a bay, with the work it was found on: a report that comes late says nothing of what stands there by then. */
  'person.settle-shade': { readonly bayId: string } & SettledShade
  /** What somebody has on, as it was looked at: a report, whatever it comes to. */
  'person.tell-outfit': { readonly worn: readonly ToldGarment[] }
  /** Handed over from the shop's clothes. */
  'person.lend': Pick<Loan, 'loanId' | 'wearable' | 'size'>
  /** It came back, or nobody has it any more: either way it is not on them. */
  'person.give-back': { readonly loanId: string, readonly isLost: boolean }
  'person.name-competent': { readonly competences: readonly CompetenceId[] }
  /** The secret itself goes to the credential table and never into the command's record. */
  'person.check-shaven': { readonly isShaven: boolean }
  /** The record itself goes to the health table; the command knows only its id and salted hash. Null: it was erased. */
  'person.note-health': { readonly health: Person['health'] }
  /** The same of the eyes and body record. */
  'person.note-care': { readonly care: Person['care'] }
  /** What they breathed on a shop day that is over: only the clock says so, once a day. */
  'person.keep-air': AirOfDay
  'person.secret-set': { readonly kind: 'password' | 'pin' }
  /** A one-time code was handed over, with which its owner sets a password and a PIN. Where there was a password, it is a reset. */
  'person.offer-code': { readonly isReset: boolean }
  /** The code was used up. After a reset nobody signs with a PIN before `signsFrom`. */
  'person.use-code': { readonly signsFrom: Instant | null, readonly pinSet: boolean }
}

export type PersonEvent
  = | { readonly type: 'person-added', readonly version: 1, readonly payload: PersonProfile }
    | { readonly type: 'person-changed', readonly version: 1, readonly payload: PersonProfile }
    | { readonly type: 'person-left', readonly version: 1, readonly payload: Record<string, never> }
    | {
      readonly type: 'shaven-checked'
      readonly version: 2
      readonly payload: { readonly isShaven: boolean, readonly validUntil: Instant, readonly at: Instant }
    }
    | { readonly type: 'competences-named', readonly version: 1, readonly payload: { readonly competences: readonly CompetenceId[] } }
    | { readonly type: 'health-noted', readonly version: 1, readonly payload: { readonly health: Person['health'] } }
    | { readonly type: 'care-noted', readonly version: 1, readonly payload: { readonly care: Person['care'] } }
    | {
      readonly type: 'process-signed-off'
      readonly version: 1
      readonly payload: { readonly process: ProcessId } & SignOff
    }
    | {
      readonly type: 'training-noted'
      readonly version: 1
      readonly payload: PersonCommands['person.note-training'] & { readonly at: Instant, readonly by: string }
    }
    | { readonly type: 'shade-settled', readonly version: 1, readonly payload: Person['settled'][number] }
    | { readonly type: 'outfit-told', readonly version: 1, readonly payload: NonNullable<Person['outfit']> }
    | { readonly type: 'clothes-lent', readonly version: 1, readonly payload: Loan }
    | {
      readonly type: 'clothes-given-back'
      readonly version: 1
      readonly payload: PersonCommands['person.give-back'] & { readonly at: Instant, readonly by: string }
    }
    | { readonly type: 'air-of-day-kept', readonly version: 1, readonly payload: AirOfDay }
    | { readonly type: 'secret-set', version: 1, readonly payload: { readonly kind: 'password' | 'pin' } }
    | { readonly type: 'sign-in-code-given', readonly version: 1, readonly payload: PersonCommands['person.offer-code'] }
    | { readonly type: 'sign-in-code-used', readonly version: 1, readonly payload: PersonCommands['person.use-code'] }

export function evolvePerson(person: Person, event: PersonEvent): Person {
  switch (event.type) {
    case 'person-added': return { ...NOBODY, ...event.payload }
    case 'person-changed': return { ...person, ...event.payload }
    case 'person-left': return { ...person, hasLeft: true, bayId: null }
    case 'shaven-checked': return { ...person, shaven: newest(person.shaven, event.payload) }
    case 'competences-named': return { ...person, competences: event.payload.competences }
    case 'health-noted': return { ...person, health: event.payload.health }
    case 'care-noted': return { ...person, care: event.payload.care }
    case 'process-signed-off': {
      const { process, ...said } = event.payload
      return { ...person, signOffs: { ...person.signOffs, [process]: newest(person.signOffs[process] ?? null, said) } }
    }
    case 'training-noted': {
      const { process, ...said } = event.payload
      return { ...person, trainings: { ...person.trainings, [process]: newest(person.trainings[process] ?? null, said) } }
    }
    case 'shade-settled': return withSettled(person, event.payload)
    case 'outfit-told': return { ...person, outfit: newest(person.outfit, event.payload) }
    case 'clothes-lent': return { ...person, loans: [...person.loans, event.payload] }
    case 'clothes-given-back': return withoutLoan(person, event.payload)
    case 'air-of-day-kept': return { ...person, airKeptOn: event.payload.day }
    case 'secret-set': return event.payload.kind === 'pin' ? { ...person, pinSet: true } : person
    case 'sign-in-code-given': return person
    case 'sign-in-code-used': return { ...person, pinSet: event.payload.pinSet }
  }
}

/** One shade for each process and band: the newest. */
function withSettled(person: Person, found: Person['settled'][number]): Person {
  const isSame = (one: SettledShade) => isSettledFor(one, found.process, found.bandA)
  const before = person.settled.find(isSame)
  return before && isOutrun(found.at, before.at)
    ? person
    : { ...person, settled: [...person.settled.filter(one => !isSame(one)), found] }
}

/** What was given back is on nobody: a zone that it covered is bare until somebody tells what is there instead. */
function withoutLoan(person: Person, { loanId, at }: { readonly loanId: string, readonly at: Instant }): Person {
  const worn = person.outfit?.worn.filter(one => one.loanId !== loanId) ?? []
  const bare = person.loans.filter(one => one.loanId === loanId).flatMap(({ wearable }) => zonesOf(wearable))
  return {
    ...person,
    takenOff: { ...person.takenOff, ...Object.fromEntries(bare.map(zone => [zone, laterOf(person.takenOff[zone] ?? null, at)])) },
    loans: person.loans.filter(one => one.loanId !== loanId),
    outfit: person.outfit && { ...person.outfit, worn },
  }
}

export type PersonCommand = { [T in keyof PersonCommands]: { readonly type: T, readonly payload: PersonCommands[T] } }[keyof PersonCommands]

/** What the decision needs to know beyond the person. */
export interface PeopleAround {
  /** Safety leads of the site who have not left, this person included. */
  readonly safetyLeads: number
  /** When the shop day ends that the command falls in. */
  readonly dayEnds: Instant
  /** The shop day in which it was said, YYYY-MM-DD. */
  readonly today: string
  /** When it was so, on the device. */
  readonly at: Instant
  readonly id: string
  /** Who says it. */
  readonly by: string
}

/** Reads a person's event of any landed version. A face seen before instants were kept was seen as the day of the look began. */
export function upcastPerson(type: string, version: number, payload: unknown): PersonEvent {
  if (type !== 'shaven-checked' || version >= 2) return { type, version, payload } as PersonEvent
  const seen = payload as { readonly isShaven: boolean, readonly validUntil: Instant }
  return { type, version: 2, payload: { ...seen, at: minutesAfter(seen.validUntil, -24 * 60) } }
}

/** Decides a change to a person. A site keeps at least one safety lead: nobody else can manage people. */
export function decidePerson(
  person: Person,
  command: PersonCommand,
  around: PeopleAround,
): Decision<PersonEvent> {
  const { safetyLeads, dayEnds, at, id, by } = around
  if (command.type === 'person.enrol') {
    const profile = Object.hasOwn(command.payload.people, id) ? command.payload.people[id] : undefined
    if (profile === undefined) return { refused: [finding('hold', 'command.person-unknown', { personId: id })] }
    return decidePerson(person, { type: person.name === '' ? 'person.add' : 'person.change', payload: profile }, around)
  }
  if (command.type === 'person.add') {
    return person.name === ''
      ? { events: [{ type: 'person-added', version: 1, payload: command.payload }] }
      : { refused: [finding('hold', 'command.name-taken', { name: person.name })] }
  }
  if (person.name === '') return { refused: [finding('hold', 'command.person-unknown', { personId: '' })] }
  // Whoever left in the afternoon worked in the morning. A day is kept once: whoever woke second finds it there.
  if (command.type === 'person.keep-air') {
    return person.airKeptOn !== null && person.airKeptOn >= command.payload.day
      ? { events: [] }
      : { events: [{ type: 'air-of-day-kept', version: 1, payload: command.payload }] }
  }
  if (person.hasLeft) return { refused: [finding('hold', 'command.person-has-left', { name: person.name })] }
  const wasLead = person.roles.includes('safety-lead')
  switch (command.type) {
    case 'person.change':
      return wasLead && !command.payload.roles.includes('safety-lead') && safetyLeads <= 1
        ? lastLead()
        : { events: [{ type: 'person-changed', version: 1, payload: command.payload }] }
    case 'person.leave':
      // What is lent is asked for while somebody can still bring it.
      if (person.loans.length > 0) return { refused: [finding('hold', 'person.has-loans', { count: person.loans.length })] }
      return wasLead && safetyLeads <= 1 ? lastLead() : { events: [{ type: 'person-left', version: 1, payload: {} }] }
    case 'person.check-shaven':
      return { events: [{ type: 'shaven-checked', version: 2, payload: { ...command.payload, validUntil: dayEnds, at } }] }
    case 'person.name-competent':
      return { events: [{ type: 'competences-named', version: 1, payload: command.payload }] }
    case 'person.note-health':
      return { events: [{ type: 'health-noted', version: 1, payload: command.payload }] }
    case 'person.note-care':
      return { events: [{ type: 'care-noted', version: 1, payload: command.payload }] }
    case 'person.sign-off':
      return { events: [{ type: 'process-signed-off', version: 1, payload: { ...command.payload, by, at } }] }
    case 'person.note-training':
      return noteTraining(command.payload, around)
    case 'person.settle-shade': {
      const { process, bandA, shade } = command.payload
      return { events: [{ type: 'shade-settled', version: 1, payload: { process, bandA, shade, at } }] }
    }
    case 'person.tell-outfit':
      return tellOutfit(person, command.payload.worn, around)
    case 'person.lend':
      return person.loans.some(({ loanId }) => loanId === command.payload.loanId)
        ? { events: [] }
        : { events: [{ type: 'clothes-lent', version: 1, payload: { ...command.payload, at, by } }] }
    case 'person.give-back':
      return person.loans.some(({ loanId }) => loanId === command.payload.loanId)
        ? { events: [{ type: 'clothes-given-back', version: 1, payload: { ...command.payload, at, by } }] }
        : { events: [] }
    case 'person.secret-set':
      return { events: [{ type: 'secret-set', version: 1, payload: command.payload }] }
    case 'person.offer-code':
      return { events: [{ type: 'sign-in-code-given', version: 1, payload: command.payload }] }
    case 'person.use-code':
      return { events: [{ type: 'sign-in-code-used', version: 1, payload: command.payload }] }
  }
}

/** Nobody was taught on a day to come, and nothing ends before it began. */
function noteTraining(payload: PersonCommands['person.note-training'], { at, by, today }: PeopleAround): Decision<PersonEvent> {
  const { trainedOn, nextOn } = payload
  if (trainedOn > today) return { refused: [finding('hold', 'person.training-to-come', { trainedOn })] }
  if (nextOn !== null && nextOn <= trainedOn) return { refused: [finding('hold', 'person.training-ends-early', { trainedOn, nextOn })] }
  return { events: [{ type: 'training-noted', version: 1, payload: { ...payload, at, by } }] }
}

/** What was given back meanwhile is not on them, however late the report says so. */
function tellOutfit(person: Person, told: readonly ToldGarment[], { at, by, dayEnds }: PeopleAround): Decision<PersonEvent> {
  const lent = new Set(person.loans.map(({ loanId }) => loanId))
  const worn = told.filter(({ loanId }) => loanId === undefined || lent.has(loanId))
  return { events: [{ type: 'outfit-told', version: 1, payload: { worn, at, validUntil: dayEnds, by } }] }
}

const lastLead = (): Decision<PersonEvent> => ({ refused: [finding('hold', 'command.last-safety-lead', {})] })
