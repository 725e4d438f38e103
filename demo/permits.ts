import type { PermitRequest } from '#core/streams/permit/permit'

/** Permits of the invented yard, times in minutes from the loading of the demo. */
export interface DemoPermit {
  readonly permitId: string
  readonly requestedBy: string
  readonly request: Omit<PermitRequest, 'fromAt' | 'untilAt'>
  readonly fromMin: number
  readonly untilMin: number
  /** How many of its precautions are seen to; all of them when it was authorised. */
  readonly seenTo: number
  readonly live?: {
    readonly authoriserId: string
    readonly watcherId: string
    readonly extinguisher: string
    readonly startedMin: number
    readonly roundsMin: readonly number[]
    readonly endedMin?: number
  }
}

const open = {
  level: 0,
  confined: false,
  otherSide: false,
  openLevels: 0,
  hiddenParts: 0,
  bulkCombustibles: false,
  combustiblePanel: false,
} as const

export const PERMITS: readonly DemoPermit[] = [
  {
    permitId: 'gate-3-strap',
    requestedBy: 'kit-amari',
    fromMin: -20,
    untilMin: 200,
    seenTo: 7,
    request: {
      place: { where: 'Lock gate 3, upstream leaf', placeId: 'lock-gate-3', bayId: 'bay-12' },
      facts: { ...open, openLevels: 1, hardFloor: true },
      conditions: { sprinklers: 'none', windMPerS: 4 },
      job: { what: 'Weld the heel post strap', process: 'smaw', currentA: 200, heightM: 2, workpiece: 'structure', metalFire: false },
      operatorIds: ['kit-amari'],
    },
  },
  {
    permitId: 'slip-winch',
    requestedBy: 'tove-ridd',
    fromMin: -40,
    untilMin: 170,
    seenTo: 99,
    request: {
      place: { where: 'Slipway, winch frame', placeId: 'slipway', bayId: null },
      facts: { ...open, hardFloor: true },
      conditions: { sprinklers: 'none', windMPerS: 3 },
      job: { what: 'Cut away the old winch bracket', process: 'ofc', heightM: 1.2, workpiece: 'structure', metalFire: false },
      operatorIds: ['tove-ridd'],
    },
    live: { authoriserId: 'hedda-moss', watcherId: 'wim-askew', extinguisher: 'ex-6', startedMin: -32, roundsMin: [-20, -6] },
  },
  {
    permitId: 'timber-bolts',
    requestedBy: 'tove-ridd',
    fromMin: -170,
    untilMin: 60,
    seenTo: 99,
    request: {
      place: { where: 'Gate by the timber stacks', placeId: 'timber-stacks', bayId: null },
      facts: { ...open, hardFloor: false },
      conditions: { sprinklers: 'none', windMPerS: 2 },
      job: { what: 'Grind off seized hinge bolts', process: 'grinding', heightM: 1, workpiece: 'structure', metalFire: false },
      operatorIds: ['oskar-fenn'],
    },
    live: {
      authoriserId: 'hedda-moss',
      watcherId: 'ebba-lund',
      extinguisher: 'ex-7',
      startedMin: -120,
      roundsMin: [-106, -92, -78, -64, -50, -36, -26, -12],
      endedMin: -85,
    },
  },
]
