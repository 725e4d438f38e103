import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { Asked } from '../asks'
import { dayEndsAfter } from '../scene'
import type { Scene } from '../scene'
import { report, request } from '../stream-kind'
import type { StreamKind, Touched, Touching } from '../stream-kind'
import { decidePerson, evolvePerson, NOBODY, upcastPerson } from './person'
import type { Person, PersonCommand, PersonEvent } from './person'

const whereTheyStand = (_person: Person, _command: PersonCommand, { id }: Touching): Touched => ({ personIds: [id] })
/** A site keeps a safety lead: who changes or goes is counted. */
const asks = () => ({ safetyLeads: true }) as const
const asksPost = (_person: Person, _command: PersonCommand, { id }: Scene) => ({ safetyLeads: true, posts: [id] }) as const

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
    'person.leave': request('manage-people', { asks: asksPost, touches: whereTheyStand }),
    'person.check-shaven': report('door-checks', { asks, touches: whereTheyStand }),
    'person.note-health': report('health-fields', { asks, touches: whereTheyStand }),
    'person.name-competent': request('manage-people', { asks }),
    'person.secret-set': report('manage-people', { asks }),
    'person.offer-code': report('manage-people', { asks }),
    'person.use-code': report('manage-people', { asks }),
  },
  decide(person, command, asked) {
    const refused
      = command.type === 'person.add' || command.type === 'person.change'
        ? refusePlace(command.payload, asked)
        : command.type === 'person.leave'
          ? refuseFromPost(asked.id, asked)
          : null
    if (refused) return { refused: [refused] }
    return decidePerson(person, command, {
      safetyLeads: asked.answer('safetyLeads'),
      dayEnds: dayEndsAfter(asked, asked.at),
      at: asked.at,
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
