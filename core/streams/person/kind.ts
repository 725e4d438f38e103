import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { Asked } from '../asks'
import { actorWord, dayEndsAfter, shopDayAt } from '../scene'
import type { Scene } from '../scene'
import { report, request } from '../stream-kind'
import type { StreamKind, Touched, Touching } from '../stream-kind'
import { shadeQuestionOf } from '../../job/job'
import { shadeForComparing } from '../../shade/shade-number'
import { bandOf, isSettledFor } from '../../shade/settled-shade'
import { requiredShade } from '../../shade/required-shade'
import { shadeRulesOf } from '../house-rules/house-rules'
import { workplaceOf } from '../site/site'
import { decidePerson, evolvePerson, NOBODY, upcastPerson } from './person'
import type { Person, PersonCommand, PersonCommands, PersonEvent } from './person'

const whereTheyStand = (_person: Person, _command: PersonCommand, { id }: Touching): Touched => ({ personIds: [id] })
/** A site keeps a safety lead: who changes or goes is counted. */
const asks = () => ({ safetyLeads: true }) as const
const asksPost = (_person: Person, _command: PersonCommand, { id }: Scene) => ({ safetyLeads: true, posts: [id] }) as const

const asksJob = (_person: Person, { payload }: Extract<PersonCommand, { readonly type: 'person.settle-shade' }>) =>
  ({ safetyLeads: true, jobAt: payload.bayId, standsAt: payload.bayId }) as const

/** Whoever stands on post has no other task, and does not walk out of it unrelieved. */
export function refuseFromPost(personId: string, { answer }: Asked): Finding | null {
  const post = answer('posts')[personId]
  return post ? finding('hold', 'permit.on-post', post) : null
}

/** Why a person has no place there; null when they may. */
function refusePlace({ areaId, bayId }: Pick<Person, 'areaId' | 'bayId'>, { site }: Scene): Finding | null {
  if (areaId !== null && !site.areas.some(area => area.areaId === areaId))
    return finding('hold', 'command.unknown-stream', { streamId: areaId })
  return bayId !== null && !site.bays.some(bay => bay.bayId === bayId) ? finding('hold', 'command.bay-unknown', { bayId }) : null
}

/**
 * Nobody settles on what is lighter than the least, or on a number where the least is not known, nor on work that does not stand where
 * they do: a report that comes late may be about other work, or about who has moved on. Null when they may.
 */
function refuseShade({ bayId, process, bandA, shade }: PersonCommands['person.settle-shade'], asked: Asked): Finding | null {
  const { site, rules, id, answer } = asked
  const [bay, job] = [site.bays.find(one => one.bayId === bayId), answer('jobAt')]
  const work = bay && job ? shadeQuestionOf(job, workplaceOf(bay)) : null
  const minimum = work && requiredShade(work, shadeRulesOf(rules)).minimum
  const standing = work && bandOf(work)
  if (minimum === null || work === null || standing === undefined) return finding('hold', 'person.nothing-to-settle', {})
  if (answer('standsAt') !== id || !isSettledFor({ process, bandA, shade }, work.process, standing))
    return finding('hold', 'person.settled-elsewhere', {})
  return shadeForComparing(shade) < minimum ? finding('hold', 'person.settled-too-light', { shade, minimum }) : null
}

/** Why somebody of a list has no place there; null when all may. */
function refuseEnrolled({ people }: PersonCommands['person.enrol'], asked: Asked): Finding | null {
  const profile = Object.hasOwn(people, asked.id) ? people[asked.id] : undefined
  return profile ? refusePlace(profile, asked) : null
}

function refuse(command: PersonCommand, asked: Asked): Finding | null {
  switch (command.type) {
    case 'person.add': case 'person.change': return refusePlace(command.payload, asked)
    case 'person.enrol': return refuseEnrolled(command.payload, asked)
    case 'person.leave': return refuseFromPost(asked.id, asked)
    case 'person.settle-shade': return refuseShade(command.payload, asked)
    default: return null
  }
}

/** Somebody of the site. */
export const personKind: StreamKind<'person', Person, PersonEvent, PersonCommand> = {
  id: 'person',
  initial: NOBODY,
  evolve: evolvePerson,
  newestVersions: { 'shaven-checked': 2 },
  upcast: ({ type, typeVersion, payload }) => upcastPerson(type, typeVersion, payload),
  commands: {
    'person.add': request('manage-people', { asks }),
    'person.change': request('manage-people', { asks }),
    'person.enrol': request('manage-people', { asks, speaksOf: ({ payload }) => Object.keys(payload.people) }),
    'person.leave': request('manage-people', { asks: asksPost, touches: whereTheyStand }),
    'person.check-shaven': report('door-checks', { asks, touches: whereTheyStand }),
    'person.note-health': report('health-fields', { asks, touches: whereTheyStand }),
    'person.sign-off': report('door-checks', { asks, touches: whereTheyStand }),
    'person.note-training': report('door-checks', { asks, touches: whereTheyStand }),
    'person.settle-shade': report('door-checks', { asks: asksJob, touches: whereTheyStand }),
    'person.tell-outfit': report('door-checks', { asks, touches: whereTheyStand }),
    'person.lend': report('door-checks', { asks, touches: whereTheyStand }),
    'person.give-back': report('door-checks', { asks, touches: whereTheyStand }),
    'person.note-care': report('health-fields', { asks, touches: whereTheyStand }),
    'person.name-competent': request('manage-people', { asks }),
    'person.keep-air': report('manage-people', { asks }),
    'person.secret-set': report('manage-people', { asks }),
    'person.offer-code': report('manage-people', { asks }),
    'person.use-code': report('manage-people', { asks }),
  },
  decide(person, command, asked) {
    const refused = refuse(command, asked)
    if (refused) return { refused: [refused] }
    return decidePerson(person, command, {
      safetyLeads: asked.answer('safetyLeads'),
      dayEnds: dayEndsAfter(asked, asked.at),
      today: shopDayAt(asked, asked.at),
      at: asked.at,
      id: asked.id,
      by: actorWord(asked.actor),
    })
  },
  decidesAlone: true,
  // Whoever owns a sign-in hears that somebody gave out a code that sets it anew.
  news: ({ name }, events, id) =>
    events.flatMap(event =>
      event.type === 'sign-in-code-given' && event.payload.isReset
        ? [{ what: finding('caution', 'person.sign-in-reset', { name }), personIds: [id], isAbout: 'sign-in' as const }]
        : [],
    ),
}
