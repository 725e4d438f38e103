import type { Finding } from '../findings/finding'
import type { RightId } from '../ids/rights'
import type { StreamKindName } from '../ids/streams'
import type { Place as RightsPlace } from '../rights/rights'
import type { Instant } from '../time/instant'
import type { Asked, Asks } from './asks'
import type { Decision } from './decision'
import type { Permit } from './permit/permit'
import type { Scene } from './scene'
import type { Site } from './site/site'

/** An event as it is appended. */
export interface StreamEvent {
  readonly type: string
  readonly version: number
  readonly payload: unknown
}

/** An event as it landed once, of whatever version. */
export interface LandedEvent {
  readonly type: string
  readonly typeVersion: number
  readonly payload: unknown
}

/** Something that happens to a stream by the clock. */
export interface Deadline<Kind extends string = string> {
  readonly kind: Kind
  readonly dueAt: Instant
}

/** Bays whose gates a command may change besides what it names, as far as the stream itself can say. */
export interface Touched {
  readonly bayIds?: readonly string[]
  /** Wherever people stand now whose day was also spent at those bays, and wherever these do. */
  readonly sharedWorkWith?: readonly string[]
  /** Wherever these people stand. */
  readonly personIds?: readonly string[]
  /** The bays of these permits. */
  readonly permitIds?: readonly string[]
}

/** What is known before anything else is read. */
export type Touching = Pick<Scene, 'id' | 'site'>

/** What the door needs to know of a command before it is decided. */
export interface CommandRule<State, Command> {
  /** The right it takes. */
  readonly right: RightId
  /** A report of fact is recorded whatever version its author saw; a request is refused when something changed meanwhile. */
  readonly isReport: boolean
  /** Left out: no gate but those of what it names. */
  readonly touches?: (state: State, command: Command, touching: Touching) => Touched
  /** Left out: nothing but the stream itself, the site and its rules. */
  readonly asks?: (state: State, command: Command, scene: Scene) => Asks
  /** The ids that its payload speaks of, each by a stream of its own: nothing said of one that is not named gets lost unseen. */
  readonly speaksOf?: (command: Command) => readonly string[]
  /** The streams it is about, where it does not name them itself. */
  readonly targets?: (site: Site) => readonly string[]
  /** It gives a new tag: nothing else may wear it. */
  readonly isNewTag?: true
}

/** A right that reaches only so far asks where a stream is, and whether its permit is one's own. */
export interface Reaching extends Pick<Scene, 'id' | 'site' | 'actor' | 'holder'> {
  /** The permits that the kind asked for by `placeRestsOn`. */
  readonly permits: readonly Permit[]
}

/** Something that people must hear of, and whom it concerns besides those who always hear. */
export interface News {
  readonly what: Finding
  readonly personIds: readonly string[]
  readonly isAbout: 'thing' | 'hot-work' | 'sign-in'
  /** The place is stopped in the same breath. */
  readonly isStopping?: boolean
}

/** What a kind of stream can do: everything that door, clock and record ask of it. A plain object; nothing inherits from it. */
export interface StreamKind<Name extends StreamKindName, State, Event, Command extends { readonly type: string }> {
  /** The first part of its address. */
  readonly id: Name
  readonly initial: State
  readonly evolve: (state: State, event: Event) => State
  /** The newest version of each event that has more than one. */
  readonly newestVersions?: Readonly<Record<string, number>>
  /** Reads an event of any landed version as the newest one. */
  readonly upcast: (landed: LandedEvent) => Event
  readonly commands: { readonly [Type in Command['type']]: CommandRule<State, Extract<Command, { readonly type: Type }>> }
  readonly decide: (state: State, command: Command, asked: Asked) => Decision<Event>
  /** Its commands decide on more than what they name, whichever they are: they have the site to themselves. */
  readonly decidesAlone?: true
  /** Why no stream of this kind can be called so; null when it can. */
  readonly refuseId?: (id: string, site: Site) => Finding | null
  /** The other kind that wears tags: one tag, one thing. */
  readonly sharesTagsWith?: StreamKindName
  /** Where it is, for rights that reach only so far; left out, it is nowhere, and such a right does not reach there. */
  readonly placeOf?: (state: State, command: Command, reaching: Reaching) => RightsPlace
  /** A permit, or the open permits of a bay, on which the place depends. */
  readonly placeRestsOn?: (command: Command, id: string) => { readonly permitId: string } | { readonly bayId: string } | null
  /** Permits whose work rests on it: by id, or at these bays. */
  readonly workRestingOn?: (state: State) => { readonly permitIds: readonly string[], readonly bayIds: readonly string[] }
  /** What falls due for it as it stands, and the command that comes of it. */
  readonly clock?: {
    readonly dueOf: (state: State) => readonly Deadline[]
    readonly commandFor: (due: Deadline) => Command | null
  }
  /** What of these events people are told. */
  readonly news?: (before: State, events: readonly Event[], id: string) => readonly News[]
}

/** Reads landed events of which only first versions exist: the body is the event. */
export const asLanded = <Event>({ type, typeVersion, payload }: LandedEvent): Event => ({ type, version: typeVersion, payload }) as Event

/** A request that can be refused, and a report of fact that is recorded. */
export const request = <State, Command>(
  right: RightId,
  more: Omit<CommandRule<State, Command>, 'right' | 'isReport'> = {},
): CommandRule<State, Command> => ({ right, isReport: false, ...more })
export const report = <State, Command>(
  right: RightId,
  more: Omit<CommandRule<State, Command>, 'right' | 'isReport'> = {},
): CommandRule<State, Command> => ({ right, isReport: true, ...more })

/** Somewhere that is nobody's. */
export const NOWHERE: RightsPlace = { bayId: null, areaId: null }

/** A bay as rights see it. Nowhere is nobody's: a right that reaches only so far does not reach there. */
export function placeOfBay(site: Site, bayId: string | null): RightsPlace {
  const bay = site.bays.find(one => one.bayId === bayId)
  return bay ? { bayId: bay.bayId, areaId: bay.areaId } : NOWHERE
}

/** Every bay of a site. */
export const everyBay = (_state: unknown, _command: unknown, { site }: Touching): Touched => ({
  bayIds: site.bays.map(({ bayId }) => bayId),
})
