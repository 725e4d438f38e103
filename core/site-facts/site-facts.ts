import type { AirFacts, StationAir } from '../air/air-facts'
import type { Welder } from '../clearance/person-around'
import { shownTag } from '../ids/tag'
import type { StreamKindName } from '../ids/streams'
import { PROCESSES } from '../ids/vocabulary'
import type { CheckListsState } from '../streams/check-lists/check-lists'
import { NO_OWN_LISTS } from '../streams/check-lists/check-lists'
import type { CylinderState } from '../streams/cylinder/cylinder'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '../streams/house-rules/house-rules'
import type { StateOf } from '../streams/kinds'
import type { Person } from '../streams/person/person'
import type { KitItem } from '../streams/kit-item/kit-item'
import type { KeptPermit } from '../streams/permit/permit-fact'
import type { Site } from '../streams/site/site'
import { NO_SITE } from '../streams/site/site'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'

type Care = Pick<Welder, 'isOneDarker' | 'wearsPrescription'>
/** Nothing is written down of somebody's eyes. */
export const NO_CARE: Care = { isOneDarker: false, wearsPrescription: false }

/**
 * What gates ask of a person.
 * @param care what follows from what is kept apart from the record
 */
export const welderOf = (
  {
    name, signOffs, trainings, settled, outfit, takenOff,
  }: Pick<Person, 'name' | 'signOffs' | 'trainings' | 'settled' | 'outfit' | 'takenOff'>,
  care: Care,
): Welder => ({
  name,
  signedOffFor: PROCESSES.filter(process => signOffs[process]?.isSignedOff === true),
  taughtUntil: Object.fromEntries(Object.entries(trainings).flatMap(([process, { nextOn }]) => nextOn === null ? [] : [[process, nextOn]])),
  settled: settled.map(({ process, bandA, shade }) => ({ process, bandA, shade })),
  isOneDarker: care.isOneDarker,
  wearsPrescription: care.wearsPrescription,
  outfit: outfit && { worn: outfit.worn, at: outfit.at, validUntil: outfit.validUntil },
  takenOff,
})

/** Everything that the gates of a site rest on, as of one instant: each stream's own state, and nothing worked out. */
export interface SiteFacts<KnownStation extends StationAir = StationAir> extends AirFacts {
  readonly site: Site
  readonly rules: HouseRules
  readonly now: Instant
  readonly stations: Readonly<Record<string, KnownStation>>
  /** Whoever is here, by id. */
  readonly welders: Readonly<Record<string, Welder>>
  /** The check lists by which kit items are judged. */
  readonly lists: CheckListsState
  /** Kit items in use: at bays, worn by people, assigned to permits. */
  readonly items: readonly KitItem[]
  readonly cylinders: readonly CylinderState[]
  /** Permits that are open. */
  readonly permits: readonly KeptPermit[]
  /** How many people's screens are heard. */
  readonly screens: number
  /** Names of whoever stands on post. */
  readonly names: Readonly<Record<string, string>>
}

/** A site of which nothing is known. */
export const noFacts = (now: Instant): SiteFacts => ({
  site: NO_SITE,
  rules: NEW_SITE_RULES,
  now,
  halls: {},
  stations: {},
  sheets: {},
  surveys: {},
  monitors: {},
  wearers: {},
  welders: {},
  lists: NO_OWN_LISTS,
  items: [],
  cylinders: [],
  permits: [],
  screens: 0,
  names: {},
})

/** A stream as a change leaves it. */
export interface ChangedStream {
  readonly name: StreamKindName
  readonly id: string
  readonly after: unknown
}

/** Puts one thing with a tag in the place of what it was. */
const withTagged = <Thing extends { readonly tag: string }>(
  things: readonly Thing[],
  tagId: string,
  after: Thing | null,
): readonly Thing[] => [...things.filter(({ tag }) => tag !== shownTag(tagId)), ...(after ? [after] : [])]

type Fold = { readonly [Name in StreamKindName]?: (facts: SiteFacts, id: string, after: StateOf<Name>) => SiteFacts }

/** What a changed stream is to the facts. Kinds on which no gate rests are not there. */
const FOLDS: Fold = {
  'site': (facts, _id, site) => ({ ...facts, site }),
  'house-rules': (facts, _id, rules) => ({ ...facts, rules }),
  'hall': (facts, id, hall) => ({ ...facts, halls: { ...facts.halls, [id]: hall } }),
  'station': (facts, id, station) => ({ ...facts, stations: { ...facts.stations, [id]: station } }),
  'samples': (facts, id, { surveys }) => ({ ...facts, surveys: { ...facts.surveys, [id]: surveys } }),
  'monitor': (facts, id, monitor) => ({ ...facts, monitors: monitor ? { ...facts.monitors, [id]: monitor } : facts.monitors }),
  'fume-sheets': (facts, _id, sheets) => ({ ...facts, sheets }),
  'check-lists': (facts, _id, lists) => ({ ...facts, lists }),
  'item': (facts, id, item) => ({ ...facts, items: withTagged(facts.items, id, item) }),
  'cylinder': (facts, id, cylinder) => ({ ...facts, cylinders: withTagged(facts.cylinders, id, cylinder) }),
  'permit': (facts, id, permit) => ({
    ...facts,
    permits: [...facts.permits.filter(({ permitId }) => permitId !== id), ...(permit ? [{ permitId: id, version: 0, permit }] : [])],
  }),
  'person'(facts, id, person) {
    const [wearer, welder] = [facts.wearers[id], facts.welders[id]]
    const { [id]: _left, ...others } = facts.welders
    const welders = person.hasLeft ? others : { ...others, [id]: welderOf(person, welder ?? NO_CARE) }
    if (!wearer) return { ...facts, welders }
    const isShaven = person.shaven && stands(person.shaven.validUntil, facts.now) ? person.shaven.isShaven : null
    return { ...facts, welders, wearers: { ...facts.wearers, [id]: { ...wearer, isShaven } } }
  },
}

/** The facts once these changes stand. */
export const withChanges = (facts: SiteFacts, changes: readonly ChangedStream[]): SiteFacts =>
  changes.reduce((known, { name, id, after }) => {
    const fold = FOLDS[name] as ((facts: SiteFacts, id: string, after: unknown) => SiteFacts) | undefined
    return fold ? fold(known, id, after) : known
  }, facts)
