import { baysOfHall, hallIdOf } from '../../air/air-facts'
import { finding } from '../../findings/finding'
import { dayEndsAfter } from '../scene'
import { asLanded, report, request } from '../stream-kind'
import type { StreamKind, Touched, Touching } from '../stream-kind'
import { baysNamedIn, decideHall, evolveHall, NO_HALL } from './hall'
import type { HallCommand, HallEvent, HallState } from './hall'

const itsBays = (_hall: HallState, _command: HallCommand, { site, id }: Touching): Touched => {
  const bayIds = baysOfHall(site, id)
  return { bayIds, sharedWorkWith: bayIds }
}

/** The air of a hall and the extraction of its bays. */
export const hallKind: StreamKind<'hall', HallState, HallEvent, HallCommand> = {
  id: 'hall',
  initial: NO_HALL,
  evolve: evolveHall,
  upcast: asLanded,
  commands: {
    'hall.describe': request('describe-air', { touches: itsBays }),
    'hall.fit-bay': request('describe-air', { touches: itsBays }),
    'hall.fit-bays': request('describe-air', { touches: itsBays }),
    'hall.lay-ducts': request('describe-air', { touches: itsBays }),
    // How long it is cuts its air into parts, and where its walls stand says where a laser's beam ends.
    'hall.lay-out': request('describe-air', { touches: itsBays }),
    'hall.tell-heat': report('door-checks', { touches: (_hall, _command, { site, id }) => ({ bayIds: baysOfHall(site, id) }) }),
  },
  decide(_hall, command, asked) {
    const { id, site, at } = asked
    const stranger = baysNamedIn(command).find(bayId => hallIdOf(site, bayId) !== id)
    return stranger === undefined
      ? decideHall(command, { at, dayEnds: dayEndsAfter(asked, at) })
      : { refused: [finding('hold', 'command.bay-unknown', { bayId: stranger })] }
  },
  refuseId: (id, site) =>
    site.halls.some(({ hallId }) => hallId === id) ? null : finding('hold', 'command.unknown-stream', { streamId: `hall/${id}` }),
}
