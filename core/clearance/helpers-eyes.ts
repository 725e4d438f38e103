import type { Finding } from '../findings/finding'
import { closes, finding } from '../findings/finding'
import type { ShadeRuleSetId } from '../ids/vocabulary'
import { helpingNow } from '../job/helping'
import type { HelperEyes } from '../job/helping'
import { shadeForComparing } from '../shade/shade-number'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { sortItemFindings } from './kit-around'
import type { PersonAround } from './person-around'

/** The lightest shade that is allowed, and by whose rules. */
interface LeastShade { readonly minimum: number, readonly ruleSet: ShadeRuleSetId }

/**
 * Who helps sees the same arc and the same chips as who welds: the least shade is theirs too, and clear rated glasses under it. Until
 * somebody looked at both nobody can say what they wear; one more is a look of its own, for it says nothing of another.
 *
 * @param asked null for work that asks for no shade: then glasses alone are looked at
 * @returns what was found wrong, and what is still to be looked at. Source: `usEyeDuty`, `helmetIsSecondary`
 */
export function judgeHelpersEyes(
  { helpers }: Pick<Station, 'helpers'>,
  asked: LeastShade | null,
  forPerson: (personId: string) => PersonAround,
  now: Instant,
): { readonly found: readonly Finding[], readonly missing: readonly Finding[] } {
  const [found, missing]: [Finding[], Finding[]] = [[], []]
  for (const { personId, eyes } of helpingNow(helpers, now)) {
    const { welder, worn } = forPerson(personId)
    const name = welder?.name ?? personId
    if (eyes === null || (asked && eyes.shade === undefined))
      missing.push(finding('hold', 'eyes.helper-unseen', { name }, ['usEyeDuty', 'helmetIsSecondary']))
    else found.push(...judgeLook(name, eyes, asked))
    if (asked) found.push(...faultsOfAll(worn.filter(({ kind }) => kind === 'helmet'), now))
  }
  return { found, missing }
}

function judgeLook(name: string, { shade, glasses }: HelperEyes, asked: LeastShade | null): readonly Finding[] {
  const found: Finding[] = []
  if (asked && (shade == null || shadeForComparing(shade) < asked.minimum))
    found.push(finding('hold', 'eyes.helper-lighter', { name, shade: shade ?? null, ...asked }, ['usEyeDuty']))
  if (glasses !== 'clear-rated')
    found.push(finding('hold', 'eyes.helper-glasses', { name, kind: glasses }, ['usEyeDuty', 'helmetIsSecondary']))
  return found
}

/** Helmets of theirs in the register of which none may be used: what was seen on the head is one of them. Tagged out, each must go. */
function faultsOfAll(helmets: PersonAround['worn'], now: Instant): readonly Finding[] {
  const judged = helmets.map((helmet) => {
    const [found, toDo]: [Finding[], Finding[]] = [[], []]
    sortItemFindings([helmet], now, found, toDo)
    // Of a fact that is too old nobody can say that it is sound.
    return [...found.filter(closes), ...toDo.filter(({ code }) => code === 'gate.facts-stale')]
  })
  const isOut = (faults: readonly Finding[]): boolean => faults.some(({ code }) => code === 'kit.tagged-out')
  const isNoneSound = judged.every(faults => faults.length > 0)
  return judged.flatMap(faults => isNoneSound || isOut(faults) ? faults : [])
}
