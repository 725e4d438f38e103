import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { Helper, PermitContext } from '#core/streams/permit/decide-permit'
import type { PermitRequest } from '#core/streams/permit/permit'
import { planPermit, planWithoutPermit } from '#core/hotwork/permit-plan'
import type { KitItemFact } from '#core/inspection/kit-item-fact'

/** A small invented yard for the lives of permits. */
export const PEOPLE: readonly Helper[] = ['kit', 'hedda', 'oskar', 'ada'].map(personId => ({
  personId,
  name: personId,
  busyAt: null,
  bayId: null,
}))

export const EXTINGUISHER: KitItemFact = {
  tag: 'EX-9',
  kind: 'extinguisher',
  name: 'Powder',
  marks: { extinguisherType: 'dry-chemical', extinguisherRating: '4-A:60-B:C' },
  mayUse: true,
  findings: [],
  validUntil: '2026-11-26T04:00:00.000Z',
  seenAt: null,
  distanceM: 5,
}
export const DETECTOR: KitItemFact = { ...EXTINGUISHER, tag: 'GD-1', kind: 'gas-detector', name: 'Detector', marks: {}, distanceM: null }

export const REQUEST: PermitRequest = {
  place: { where: 'Lock gate 3, upstream leaf', placeId: null, bayId: 'bay-12' },
  facts: {
    level: 0,
    confined: false,
    otherSide: false,
    openLevels: 0,
    hiddenParts: 0,
    hardFloor: false,
    bulkCombustibles: false,
    combustiblePanel: false,
  },
  job: { what: 'Cut the heel post strap', process: 'ofc', heightM: 1, workpiece: 'structure', metalFire: false },
  conditions: { sprinklers: 'none', windMPerS: 2 },
  operatorIds: ['kit'],
  fromAt: '2026-11-24T08:00:00.000Z',
  untilAt: '2026-11-24T12:00:00.000Z',
}

/** Worked out once: the flight of sparks is the slow part of it. */
const ASKED = planPermit(REQUEST, NEW_SITE_RULES)

export function contextAt(over: Partial<PermitContext> & Pick<PermitContext, 'at' | 'by'>): PermitContext {
  return {
    now: over.at,
    isSigned: false,
    codes: { code: 'HW-TEST', token: 't'.repeat(32) },
    asked: ASKED,
    planWithout: planWithoutPermit(NEW_SITE_RULES),
    helpers: PEOPLE,
    near: [],
    secondScreen: false,
    kit: [EXTINGUISHER, DETECTOR],
    ...over,
  }
}
