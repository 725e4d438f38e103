import { finding } from '../../findings/finding'
import { shownTag } from '../../ids/tag'
import { askWhereTo, refuseAssignment, touchedByUse } from '../assignable'
import { askWhoActs, isCompetentFor } from '../competent'
import type { Asks } from '../asks'
import { outOfServiceNews, refuseTag } from '../kit-item/kind'
import type { Assignment } from '../kit-item/kit-item'
import { dayEndsAfter } from '../scene'
import type { Scene } from '../scene'
import { NOWHERE, placeOfBay, report, request } from '../stream-kind'
import type { StreamKind, Touched } from '../stream-kind'
import { evolveCylinder, upcastCylinder } from './cylinder'
import type { CylinderCommand, CylinderEvent, CylinderState } from './cylinder'
import { decideCylinder } from './decide-cylinder'

/** Where a command would have it: at a bay, or at a place of the store. */
function whereTo(command: CylinderCommand): Assignment {
  switch (command.type) {
    case 'cylinder.connect':
      return { to: 'bay', id: command.payload.bayId }
    case 'cylinder.place':
      return { to: 'place', id: command.payload.placeId }
    case 'cylinder.receive':
      return { to: 'place', id: command.payload.place.placeId }
    default:
      return null
  }
}

const bayOf = (cylinder: CylinderState | null): Assignment =>
  cylinder?.standing?.in === 'bay' ? { to: 'bay', id: cylinder.standing.bayId } : null
const touches = (cylinder: CylinderState | null, command: CylinderCommand): Touched =>
  touchedByUse(bayOf(cylinder), command.type === 'cylinder.connect' ? whereTo(command) : null)
const asksPlace = (_cylinder: CylinderState | null, command: CylinderCommand): Asks => askWhereTo(whereTo(command))
const asksJob = (
  _cylinder: CylinderState | null,
  { payload }: Extract<CylinderCommand, { readonly type: 'cylinder.connect' }>,
): Asks => ({ jobAt: payload.bayId })
const asksWho = (_cylinder: CylinderState | null, _command: CylinderCommand, scene: Scene): Asks => askWhoActs(scene)

/** A cylinder, from the day it comes to the day it goes. */
export const cylinderKind: StreamKind<'cylinder', CylinderState | null, CylinderEvent, CylinderCommand> = {
  id: 'cylinder',
  initial: null,
  evolve: evolveCylinder,
  newestVersions: { 'delivery-set': 2, 'cylinder-emptied': 2 },
  upcast: ({ type, typeVersion, payload }) => upcastCylinder(type, typeVersion, payload),
  commands: {
    'cylinder.receive': request('keep-store', { touches, asks: asksPlace, isNewTag: true }),
    'cylinder.correct': request('keep-store', { touches }),
    'cylinder.note-lying': report('use-gas', { touches }),
    'cylinder.place': request('use-gas', { touches, asks: asksPlace }),
    'cylinder.read': report('work-gas', { touches }),
    'cylinder.connect': request('use-gas', { touches, asks: asksJob }),
    'cylinder.test-joints': report('work-gas', { touches }),
    'cylinder.set-delivery': report('work-gas', { touches }),
    'cylinder.shut-down': report('work-gas', { touches }),
    'cylinder.disconnect': report('use-gas', { touches }),
    'cylinder.note-empty': report('work-gas', { touches }),
    // Whoever sees it says so: a danger waits for nobody's rights.
    'cylinder.report-danger': report('stop', { touches }),
    'cylinder.tag-out': report('inspect', { touches }),
    'cylinder.release': request('release', { touches, asks: asksWho }),
    'cylinder.return': request('keep-store', { touches }),
    'cylinder.withdraw-tag': request('release', { touches, asks: asksWho }),
    'cylinder.settle': report('inspect', { touches }),
  },
  decide(cylinder, command, asked) {
    const to = whereTo(command)
    const refused = refuseAssignment(to, asked)
    if (refused) return { refused: [refused] }
    const isNamed = command.type === 'cylinder.release' || command.type === 'cylinder.withdraw-tag'
    return decideCylinder(cylinder, command, {
      tag: shownTag(asked.id),
      at: asked.at,
      checksValidUntil: dayEndsAfter(asked, asked.at),
      rules: asked.rules,
      isCompetent: isNamed && isCompetentFor(asked, 'cylinder'),
      place: to?.to === 'place' ? (asked.answer('places')[to.id] ?? null) : null,
      job: command.type === 'cylinder.connect' ? asked.answer('jobAt') : null,
    })
  },
  refuseId: refuseTag('cylinder'),
  sharesTagsWith: 'item',
  placeOf: (cylinder, _command, { site }) => (cylinder?.standing?.in === 'bay' ? placeOfBay(site, cylinder.standing.bayId) : NOWHERE),
  clock: {
    dueOf: cylinder =>
      cylinder && cylinder.settlesAt !== null && !cylinder.hasSettled && !cylinder.isReturned
        ? [{ kind: 'settled', dueAt: cylinder.settlesAt }]
        : [],
    commandFor: ({ kind }) => (kind === 'settled' ? { type: 'cylinder.settle', payload: {} } : null),
  },
  news(_before, events, id) {
    const danger = events.find(event => event.type === 'danger-found')
    if (danger?.type !== 'danger-found') return outOfServiceNews(events, id)
    const what = finding('stop', 'cylinder.danger', { tag: shownTag(id), danger: danger.payload.danger })
    return [{ what, personIds: [], isAbout: 'thing', isStopping: true }]
  },
}
