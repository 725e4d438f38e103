import type { CylinderEvent } from '#core/streams/cylinder/cylinder'
import type { KitItemEvent } from '#core/streams/kit-item/kit-item'
import type { Quantities } from '#shared/words/quantities'
import { kitWords } from '#shared/words/en/kit-words'
import type { Where } from '~/frame/useWhere'

type KitEvent = KitItemEvent | CylinderEvent
type KitPayload<Type extends KitEvent['type']> = Extract<KitEvent, { readonly type: Type }>['payload']

const counted = (count: number, one: string, many: string): string => count === 1 ? `one ${one}` : `${count} ${many}`

/** A line of the life of a thing or a cylinder; null for an event of something else. */
export function saidOfKit(type: string, payload: unknown, q: Quantities, where: Where): string | null {
  switch (type as KitEvent['type']) {
    case 'item-registered': {
      const { kind, name } = payload as KitPayload<'item-registered'>
      return `Registered: ${kitWords.equipmentKinds[kind]}, ${name}`
    }
    case 'item-corrected':
      return `Name and marks written anew: ${(payload as KitPayload<'item-corrected'>).name}`
    case 'item-assigned': {
      const { assignment } = payload as KitPayload<'item-assigned'>
      if (assignment === null) return 'Taken back into the store'
      if (assignment.to === 'permit') return 'Given to hot work'
      return `${assignment.to === 'place' ? 'Kept at' : 'Given to'} ${where.placeOf(assignment)}`
    }
    case 'item-inspected': {
      const { listId, listVersion, result, failed, remark } = payload as KitPayload<'item-inspected'>
      const found
        = result === 'passed'
          ? 'passed'
          : result === 'failed'
            ? `failed, ${counted(failed.length, 'check', 'checks')}`
            : 'open: it renews no date'
      return `${kitWords.lists(listId)}, version ${listVersion}: ${found}${remark ? `. ${remark}` : ''}`
    }
    case 'item-tagged-out':
    case 'cylinder-tagged-out': {
      const { reason } = payload as { reason: string }
      return `Tagged out${reason ? `: ${reason}` : ''}`
    }
    case 'item-released':
    case 'cylinder-released':
      return `Released: ${(payload as { repair: string }).repair}`
    case 'item-event-noted': {
      const { event, remark } = payload as KitPayload<'item-event-noted'>
      return `It was ${kitWords.itemEvents[event]}${remark ? `: ${remark}` : ''}`
    }
    case 'item-retired':
      return `Out of use for good: ${(payload as KitPayload<'item-retired'>).reason}`
    case 'unknown-tag-reported':
      return 'Somebody reported on this tag before anything wore it'
    case 'cylinder-received':
      return 'Received'
    case 'cylinder-corrected':
      return 'Label and marks written anew'
    case 'cylinder-lay': {
      const { lyingMin } = payload as KitPayload<'cylinder-lay'>
      return lyingMin === null ? 'It lay, nobody knows for how long' : `It lay for ${q.minutes(lyingMin)}`
    }
    case 'cylinder-placed':
      return `Moved to ${(payload as KitPayload<'cylinder-placed'>).placeId.replaceAll('-', ' ')}`
    case 'cylinder-read': {
      const reading = payload as KitPayload<'cylinder-read'>
      return reading.by === 'pressure'
        ? `Gauge ${q.pressure(reading.gaugePressureKPa)} at ${q.temperature(reading.temperatureC)}`
        : `Weighs ${q.mass(reading.grossKg)}`
    }
    case 'cylinder-connected': {
      const { bayId, steps } = payload as KitPayload<'cylinder-connected'>
      return `Connected at ${where.placeOf({ to: 'bay', id: bayId })}, ${steps.length} steps done`
    }
    case 'joints-tested': {
      const leaking = Object.values((payload as KitPayload<'joints-tested'>).joints).filter(tight => !tight).length
      return leaking > 0 ? `Leak test: ${counted(leaking, 'joint leaks', 'joints leak')}` : 'Leak test: every joint tight'
    }
    case 'delivery-set':
      return `Working pressure ${q.pressure((payload as KitPayload<'delivery-set'>).gaugeKPa)}`
    case 'cylinder-shut-down':
      return 'Shut down'
    case 'cylinder-disconnected':
      return (payload as KitPayload<'cylinder-disconnected'>).isCapped ? 'Regulator off, cap on' : 'Regulator off, no cap'
    case 'cylinder-emptied':
      return 'Empty'
    case 'danger-found': {
      const { danger, remark } = payload as { danger: keyof typeof kitWords.dangers, remark?: string }
      return `Danger: ${kitWords.dangers[danger]}${remark ? `. ${remark}` : ''}`
    }
    case 'cylinder-returned':
      return 'Back to the supplier'
    case 'cylinder-settled':
      return 'It has stood long enough'
    default:
      return null
  }
}
