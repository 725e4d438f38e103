import { finding } from '../../findings/finding'
import { inThreeFigures } from '../../findings/in-three-figures'
import { shownReading } from '../../monitor/quantity-units'
import type { Asks } from '../asks'
import { asLanded, report, request } from '../stream-kind'
import type { News, StreamKind, Touched } from '../stream-kind'
import { aroundReadings, silentAt } from '../../monitor/heard-air'
import { decideMonitor, evolveMonitor } from './monitor'
import type { Monitor, MonitorCommand, MonitorEvent } from './monitor'

const touches = (monitor: Monitor | null, command: MonitorCommand): Touched => ({
  bayIds: [...monitor?.bayIds ?? [], ...(command.type === 'monitor.place' ? command.payload.bayIds : [])],
})
/** What is kept of a monitor from a quarter of an hour before the first reading that is told until as long after the last. */
const asksKept = (
  _monitor: Monitor | null,
  { payload: { readings } }: Extract<MonitorCommand, { readonly type: 'monitor.hear' }>,
): Asks => {
  const around = aroundReadings(readings)
  return around === null ? {} : { keptReadings: around }
}

/** An instrument that stays at some bays. */
export const monitorKind: StreamKind<'monitor', Monitor | null, MonitorEvent, MonitorCommand> = {
  id: 'monitor',
  initial: null,
  evolve: evolveMonitor,
  upcast: asLanded,
  commands: {
    'monitor.place': request('record-samples', { touches }),
    'monitor.remove': request('record-samples', { touches }),
    'monitor.hear': report('record-samples', { touches, asks: asksKept }),
    'monitor.fall-silent': report('record-samples', { touches }),
  },
  decide: (monitor, command, { id, at, now, rules, site, answer }) =>
    decideMonitor(monitor, command, {
      id,
      at,
      now,
      rules,
      bayIds: site.bays.filter(({ closed }) => !closed).map(({ bayId }) => bayId),
      kept: command.type === 'monitor.hear' && command.payload.readings.length > 0 ? answer('keptReadings') : [],
    }),
  clock: {
    dueOf(monitor) {
      if (monitor === null || monitor.isRemoved || monitor.heard === null || monitor.silentSince === monitor.heard.at) return []
      return [{ kind: 'monitor-silent', dueAt: silentAt(monitor)! }]
    },
    commandFor: ({ kind }) => (kind === 'monitor-silent' ? { type: 'monitor.fall-silent', payload: {} } : null),
  },
  news: (before, events) =>
    events.flatMap((event): readonly News[] => {
      if (before === null) return []
      const { name, quantity } = before
      if (event.type === 'monitor-silent') {
        const what = finding('hold', 'monitor.silent', { name, sinceIso: event.payload.since })
        return [{ what, personIds: [], isAbout: 'thing' }]
      }
      if (event.type !== 'air-heard' || event.payload.over === null || event.payload.over.since === before.over?.since) return []
      const { bound, value, limit } = event.payload.over
      const [read, at] = [shownReading(quantity, value), shownReading(quantity, limit)]
      const what = finding('stop', 'monitor.over', { name, quantity, bound, value: read.value, limit: at.value, unit: read.unit })
      return [{ what: inThreeFigures(what), personIds: [], isAbout: 'thing', isStopping: true }]
    }),
}
