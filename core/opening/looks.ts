import type { Gate } from '../clearance/gate'
import type { FindingCode } from '../findings/finding'
import { FIRE_CHECKS } from '../ids/station-ids'
import { kitItemStream, personStream, stationStream } from '../ids/streams'
import { tagIdOf } from '../ids/tag'
import { isAlwaysDark, isSaidOf } from '../clearance/eyes-gate'
import { setFirst, settableShades } from '../shade/settable-shades'
import type { ShadeAnswer } from '../shade/shade-question'
import type { GateId } from '../ids/vocabulary'
import type { Answer, Answers, Check, CheckList } from '../inspection/check-list'
import { judgeKitItem } from '../inspection/judge-kit-item'
import type { ZoneToday } from '../clearance/body-gate'
import type { ToldGarment } from '../ppe/wearables'
import type { Addressed } from '../streams/commands'
import type { KitItem } from '../streams/kit-item/kit-item'
import type { Station } from '../streams/station/station'

/** What is looked at: a thing by its tag, or a part of the bay or of who stands there. */
export type Looked
  = { readonly tag: string }
    | { readonly part: 'hood' | 'fire' | 'helmet' | 'glasses' | 'outfit' | 'usual' }
    /** The helmet on the head reads this shade. */
    | { readonly part: 'shade', readonly shade: number }
/** One look that is due, with what records that all of it was sound. */
export interface Look extends Addressed<
  'item.inspect' | 'station.check-extraction' | 'station.check-fire' | 'station.check-helmet' | 'station.check-glasses'
  | 'station.check-outfit' | 'station.set-helmet' | 'person.tell-outfit'
> { readonly of: Looked }
/** The looks that are due somewhere; those that one word cannot answer stand apart, by their tags. */
export interface LooksDue {
  readonly looks: readonly Look[]
  readonly byThemselves: readonly string[]
  /** What somebody has on has to be told thing by thing. */
  readonly isOutfitApart?: boolean
}

/**
 * A choice that the thing itself decides: a lens that is dark always, or one that has to turn dark; and a gauge, which is sound in the
 * green and nowhere else.
 */
function soundChoice({ id, passing }: Extract<Check, { readonly asks: 'choice' }>, { lensKind }: KitItem['marks']): Answer | null {
  const lens = lensKind === undefined ? null : lensKind === 'auto' ? 'darkens' : 'fixed-lens'
  const answer = id === 'helmet-darkens' ? lens : id === 'extinguisher-pressure' ? 'green' : null
  return answer !== null && passing.includes(answer) ? answer : null
}

/** What *sound* answers to a list; null where a number is asked for, or a choice that the thing does not decide. */
export function soundAnswers({ checks }: CheckList, { marks }: Pick<KitItem, 'marks'>): Answers | null {
  const answers: Record<string, Answer> = {}
  for (const check of checks) {
    const answer = check.asks === 'yes-no' ? true : check.asks === 'choice' ? soundChoice(check, marks) : null
    if (answer === null) return null
    answers[check.id] = answer
  }
  return answers
}

/**
 * Looks that these things are due: those before use, and those of the calendar that any user makes. A thing that is tagged out, or waits
 * for somebody competent, is for somebody else to see to.
 */
function kitLooks(items: readonly KitItem[], lists: readonly CheckList[], today: string): LooksDue {
  const looks: Look[] = []
  const byThemselves: string[] = []
  for (const item of items) {
    if (item.taggedOut || item.isRetired) continue
    const due = judgeKitItem(item, today, lists).lists.filter(({ list, due: { mayUse } }) =>
      !mayUse && (list.every.unit === 'use' || list.examiner === 'user'))
    for (const { list, due: { state } } of due) {
      // What fell, was flooded or came back from repair is looked at for that, not among the rest.
      const isOrdinary = list.examiner === 'user' && state !== 'after-event'
      const answers = isOrdinary ? soundAnswers(list, item) : null
      if (answers === null) byThemselves.push(item.tag)
      else looks.push({
        of: { tag: item.tag },
        streamId: kitItemStream(tagIdOf(item.tag)),
        command: { type: 'item.inspect', payload: { listId: list.id, listVersion: list.version, answers } },
      })
    }
  }
  return { looks, byThemselves: [...new Set(byThemselves)] }
}

type Gates = Readonly<Record<GateId, Gate>>

const says = (gates: Gates, gate: GateId, code: FindingCode): boolean => gates[gate].findings.some(one => one.code === code)

/**
 * What a helmet has to read before its shade is known: the shade that whoever stands here starts at, or the nearest that theirs can be set
 * to. Nothing where it was told, and where nobody knows which of several is worn.
 */
function shadeToRead(
  { minimum, start }: ShadeAnswer,
  said: Station['helmet'],
  worn: readonly KitItem[],
): { readonly shade: number, readonly tag?: string } | null {
  if (minimum === null || start === null) return null
  const [helmet, ...others] = worn.filter(({ kind, taggedOut, isRetired }) => kind === 'helmet' && !taggedOut && !isRetired)
  if (!helmet) return said === null ? { shade: start } : null
  if (others.length > 0 || isAlwaysDark(helmet, { minimum }) || isSaidOf(helmet, said)) return null
  const shade = setFirst(settableShades(helmet.marks.shadeBands ?? []), start)
  return shade === undefined ? null : { shade, tag: tagIdOf(helmet.tag) }
}

/** What is due at a bay before the first arc: its things, its hood, its fire. */
export function bayLooks(
  bayId: string,
  gates: Gates,
  things: readonly KitItem[],
  lists: readonly CheckList[],
  today: string,
): LooksDue {
  const streamId = stationStream(bayId)
  const { looks, byThemselves } = kitLooks(things, lists, today)
  const hood: Look = {
    of: { part: 'hood' },
    streamId,
    command: { type: 'station.check-extraction', payload: { on: true, damperOpen: true, inPosition: true, draws: true } },
  }
  const fire: Look = {
    of: { part: 'fire' },
    streamId,
    command: { type: 'station.check-fire', payload: { answers: Object.fromEntries(FIRE_CHECKS.map(check => [check, true])) } },
  }
  return {
    looks: [
      ...looks,
      ...says(gates, 'air', 'air.extraction-not-checked') ? [hood] : [],
      ...says(gates, 'fire', 'permit.day-check-due') ? [fire] : [],
    ],
    byThemselves,
  }
}

/**
 * What is due of whoever stands at a bay: helmet and its shade, glasses, outfit. A zone that was looked at and failed is not passed with
 * the rest, and of somebody whose clothes were ever told no zone is passed by a word: what they usually wear is said again, if it does for
 * the job.
 *
 * @param worn things of theirs
 * @param usual what they usually wear, as it would be told today; 'apart' where that does not do, null where nothing was ever told
 */
export function doorLooks(
  bayId: string,
  { personId, helmet }: Pick<Station, 'personId' | 'helmet'>,
  gates: Gates,
  outfit: readonly ZoneToday[],
  worn: readonly KitItem[],
  { lists, today, usual, shade }: {
    readonly lists: readonly CheckList[]
    readonly today: string
    /** What is asked of the eyes; null where it cannot be said. */
    readonly shade: ShadeAnswer | null
    readonly usual: readonly ToldGarment[] | 'apart' | null
  },
): LooksDue {
  if (personId === null) return { looks: [], byThemselves: [] }
  const streamId = stationStream(bayId)
  const { looks, byThemselves } = kitLooks(worn, lists, today)
  const due = outfit.filter(({ standing }) => standing === 'to-check' || standing === 'changed')
  const toRead = shade && shadeToRead(shade, helmet, worn)
  const part = (of: 'helmet' | 'glasses' | 'outfit' | 'usual', command: Look['command'], at = streamId): Look =>
    ({ of: { part: of }, streamId: at, command })
  const ofOutfit = (): readonly Look[] => {
    if (due.length === 0 || usual === 'apart') return []
    return usual === null
      ? [part('outfit', {
          type: 'station.check-outfit',
          payload: { zones: due.map(({ zone, requirement }) => ({ zone, requirement, passes: true })) },
        })]
      : [part('usual', { type: 'person.tell-outfit', payload: { worn: usual } }, personStream(personId))]
  }
  return {
    looks: [
      ...looks,
      ...toRead
        ? [{ of: { part: 'shade', shade: toRead.shade }, streamId, command: { type: 'station.set-helmet', payload: toRead } } as const]
        : [],
      ...says(gates, 'eyes', 'eyes.helmet-not-checked')
        ? [part('helmet', { type: 'station.check-helmet', payload: { passed: true } })]
        : [],
      ...says(gates, 'eyes', 'eyes.glasses-not-checked')
        ? [part('glasses', { type: 'station.check-glasses', payload: { kind: 'clear-rated' } })]
        : [],
      ...ofOutfit(),
    ],
    byThemselves,
    isOutfitApart: due.length > 0 && usual === 'apart',
  }
}
