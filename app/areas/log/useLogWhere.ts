import { readStreamId } from '#core/ids/streams'
import { shownTag } from '#core/ids/tag'
import { logPages } from '~/words/log'

const says = logPages.page

/** What a line of the record is about: what it is called here, and where it is opened. */
export interface LogWhere { readonly name: string, readonly to: string | null }

/** Streams by the names that people here have for them. */
export function useLogWhere() {
  const facts = useFacts()
  const lookup = useLookup()
  const labelOf = (bayId: string): string => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
  const hallOf = (hallId: string): string => facts.site.halls.find(hall => hall.hallId === hallId)?.name ?? hallId

  function monitorOf(monitorId: string): LogWhere {
    const known = facts.reading?.air.monitors[monitorId]
    return known ? { name: known.name, to: `/air/${known.bayIds[0]}` } : { name: says.aMonitor, to: null }
  }

  /** @param about where the work of a permit is, in the words of whoever asked for it */
  return (streamId: string, about: string | null = null): LogWhere => {
    const read = readStreamId(streamId)
    switch (read?.kind) {
      case 'station':
        return { name: says.bay(labelOf(read.id)), to: `/bay/${read.id}` }
      case 'samples':
        return { name: says.samplesOf(labelOf(read.id)), to: `/air/${read.id}` }
      case 'monitor':
        return monitorOf(read.id)
      case 'hall':
        return { name: says.hall(hallOf(read.id)), to: `/air?do=${read.id}` }
      case 'person':
        return { name: lookup.names.get(read.id) ?? says.aPerson, to: null }
      case 'item':
        return { name: shownTag(read.id), to: `/kit/${read.id}` }
      case 'cylinder':
        return { name: shownTag(read.id), to: `/gas/${read.id}` }
      case 'place':
        return { name: read.id.replaceAll('-', ' '), to: `/gas?do=place-${read.id}` }
      case 'permit':
        return { name: about ?? says.permits, to: `/hot-work/${read.id}` }
      case 'check-lists':
        return { name: says.lists, to: '/kit/lists' }
      case 'fume-sheets':
        return { name: says.sheets, to: '/air?do=sheets' }
      case 'wardrobe':
        return { name: says.clothes, to: '/door?do=stock' }
      case 'day-plans':
        return { name: says.dayPlans, to: '/opening' }
      case 'house-rules':
        return { name: says.houseRules, to: '/house-rules' }
      case 'notice':
        return { name: says.notice, to: null }
      case 'seal':
        return { name: says.seal, to: null }
      default:
        return { name: says.site, to: null }
    }
  }
}
