import type { CylinderEvent } from '#core/streams/cylinder/cylinder'
import type { KitItemEvent } from '#core/streams/kit-item/kit-item'
import type { Quantities } from '#shared/words/quantities'
import { dayIn } from '#shared/words/site-times'
import { kitWords } from '~/words/kit-words'
import type { Where } from '~/frame/useWhere'
import { language } from '~/words/live'
import { kitPages } from '~/words/kit'

const says = kitPages.words

type KitEvent = KitItemEvent | CylinderEvent
type KitPayload<Type extends KitEvent['type']> = Extract<KitEvent, { readonly type: Type }>['payload']

const counted = (count: number, one: string, many: string): string => count === 1 ? says.one(one) : `${count} ${many}`

/** A line of the life of a thing or a cylinder; null for an event of something else. */
export function saidOfKit(type: string, payload: unknown, q: Quantities, where: Where): string | null {
  switch (type as KitEvent['type']) {
    case 'item-registered': {
      const { kind, name } = payload as KitPayload<'item-registered'>
      return says.registered(kitWords.equipmentKinds[kind], name)
    }
    case 'item-corrected':
      return says.nameAndMarksWrittenAnew((payload as KitPayload<'item-corrected'>).name)
    case 'item-assigned': {
      const { assignment } = payload as KitPayload<'item-assigned'>
      if (assignment === null) return says.takenBackIntoTheStore
      if (assignment.to === 'permit') return says.givenToHotWork
      return `${assignment.to === 'place' ? says.keptAt : says.givenTo} ${where.placeOf(assignment)}`
    }
    case 'item-paper-told': {
      const { listId, doneOn, by } = payload as KitPayload<'item-paper-told'>
      return says.onPaper(kitWords.lists(listId), dayIn(language.value)(doneOn), by)
    }
    case 'item-inspected': {
      const { listId, listVersion, result, failed, remark } = payload as KitPayload<'item-inspected'>
      const found
        = result === 'passed'
          ? says.passed
          : result === 'failed'
            ? says.failed(counted(failed.length, says.check, says.checks))
            : says.openItRenewsNoDate
      return says.version(kitWords.lists(listId), listVersion, found, remark ? `. ${remark}` : '')
    }
    case 'item-tagged-out':
    case 'cylinder-tagged-out': {
      const { reason } = payload as { reason: string }
      return says.taggedOut(reason ? `: ${reason}` : '')
    }
    case 'item-released':
    case 'cylinder-released':
      return says.released((payload as { repair: string }).repair)
    case 'item-event-noted': {
      const { event, remark } = payload as KitPayload<'item-event-noted'>
      return says.itWas(kitWords.itemEvents[event], remark ? `: ${remark}` : '')
    }
    case 'item-retired':
      return says.outOfUseForGood((payload as KitPayload<'item-retired'>).reason)
    case 'unknown-tag-reported':
      return says.somebodyReportedOnThisTag
    case 'cylinder-received':
      return says.received
    case 'cylinder-corrected':
      return says.labelAndMarksWrittenAnew
    case 'cylinder-lay': {
      const { lyingMin } = payload as KitPayload<'cylinder-lay'>
      return lyingMin === null ? says.itLayNobodyKnowsFor : says.itLayFor(q.minutes(lyingMin))
    }
    case 'cylinder-placed':
      return says.movedTo((payload as KitPayload<'cylinder-placed'>).placeId.replaceAll('-', ' '))
    case 'cylinder-read': {
      const reading = payload as KitPayload<'cylinder-read'>
      return reading.by === 'pressure'
        ? says.gaugeAt(q.pressure(reading.gaugePressureKPa), q.temperature(reading.temperatureC))
        : says.weighs(q.mass(reading.grossKg))
    }
    case 'cylinder-connected': {
      const { bayId, steps } = payload as KitPayload<'cylinder-connected'>
      return says.connectedAtStepsDone(where.placeOf({ to: 'bay', id: bayId }), steps.length)
    }
    case 'joints-tested': {
      const leaking = Object.values((payload as KitPayload<'joints-tested'>).joints).filter(tight => !tight).length
      return leaking > 0 ? says.leakTest(counted(leaking, says.jointLeaks, says.jointsLeak)) : says.leakTestEveryJointTight
    }
    case 'delivery-set':
      return says.workingPressure(q.pressure((payload as KitPayload<'delivery-set'>).gaugeKPa))
    case 'cylinder-shut-down':
      return says.shutDown
    case 'cylinder-disconnected':
      return (payload as KitPayload<'cylinder-disconnected'>).isCapped ? says.regulatorOffCapOn : says.regulatorOffNoCap
    case 'cylinder-emptied':
      return says.empty
    case 'danger-found': {
      const { danger, remark } = payload as { danger: keyof typeof kitWords.dangers, remark?: string }
      return says.danger(kitWords.dangers[danger], remark ? `. ${remark}` : '')
    }
    case 'cylinder-returned':
      return says.backToTheSupplier
    case 'cylinder-settled':
      return says.itHasStoodLongEnough
    default:
      return null
  }
}
