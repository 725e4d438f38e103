import { surveyedAt } from '../../air/surveyed'
import { hallmatesOf, refuseBayId } from '../bay-ids'
import { shopDayAt } from '../scene'
import { asLanded, request } from '../stream-kind'
import type { StreamKind, Touched, Touching } from '../stream-kind'
import { decideSamples, evolveSamples, NO_SAMPLES } from './samples'
import type { SamplesCommand, SamplesEvent, SamplesState } from './samples'

const itsHall = (_samples: SamplesState, _command: SamplesCommand, { site, id }: Touching): Touched => {
  const bayIds = hallmatesOf(site, id)
  return { bayIds, sharedWorkWith: bayIds }
}
const asks = () => ({ air: true }) as const

/** What was sampled at a bay. */
export const samplesKind: StreamKind<'samples', SamplesState, SamplesEvent, SamplesCommand> = {
  id: 'samples',
  initial: NO_SAMPLES,
  evolve: evolveSamples,
  upcast: asLanded,
  commands: {
    'samples.record': request('record-samples', { touches: itsHall, asks }),
    'samples.withdraw': request('record-samples', { touches: itsHall, asks }),
  },
  decide: (samples, command, asked) =>
    decideSamples(samples, command, surveyedAt(asked.answer('air'), asked.id), shopDayAt(asked, asked.now)),
  refuseId: refuseBayId,
}
