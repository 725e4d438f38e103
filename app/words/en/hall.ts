import type { PlanKind } from '#core/streams/hall/hall-plan'
import type { Shown } from '../shown'

const kinds: Readonly<Record<PlanKind, string>> = {
  'wall': 'Wall',
  'screen': 'Screen',
  'laser-barrier': 'Laser barrier',
  'door': 'Door',
  'blows-in': 'Air blown in',
  'draws-out': 'Air drawn out',
  'draught': 'Draught',
  'duct-fan': 'Fan of the ducts',
}

/** What the pages of this area say, in English. */
export const hallPages = {
  page: {
    planOf: (hall: Shown) => `Plan of ${hall}`,
    noSuchHall: 'No hall of this name',
    bayOf: (bay: Shown) => `Bay ${bay}`,
    bays: 'The bays in numbers',
    toAir: 'Air',
    drawIt: 'Draw it',
    fromAbove: (hall: Shown, count: number) =>
      `${hall} from above, to scale, with ${count === 1 ? '1 bay' : `${count} bays`}; the list beside it has the numbers`,
    notDescribed: 'Nobody has described the air of this hall yet: what floats in it is not known.',
    workingOut: 'Working out what floats where…',
    failed: 'What floats in this hall could not be worked out on this device. The Air page says what each gate counts.',
    nothingBurns: 'No work of today is known to make fume here that is limited.',
    at: 'At',
    worstAt: (time: Shown) => `Worst: ${time}`,
    whatFloats: 'What floats',
    legend: 'Colours, by how much of the limit floats there',
    drawnThings: 'What is drawn',
    beamsOf: (bays: Shown, count: number) =>
      `${count === 1 ? `Laser of bay ${bays}` : `Lasers of bays ${bays}`}: the dashed red field is where what its work throws back may go, `
      + 'amber where that reaches a door, the dotted ring how far a matt face throws it. How it points is told at the bay.',
    upTo: (concentration: Shown) => `up to ${concentration}`,
    over: (concentration: Shown) => `over ${concentration}`,
    notKnown: 'not known',
    inTheHall: (mid: Shown, high: Shown) => `In the hall ${mid}, 95\u00a0% under ${high}`,
    against: (substance: Shown, ruleSet: Shown, kind: Shown, limit: Shown) =>
      `${substance} beside its limit of ${limit} (${ruleSet}, ${kind}).`,
    whatItIs:
      'Each number is what floats at that minute, 95\u00a0% under it, arc time spread over its hours; one run of the arc reaches more, '
      + 'and what somebody breathes hangs on how they stand. The hall is taken as evenly mixed outside the circles; one that is twice as '
      + 'long as wide part by part, the number of each at its lower edge. Walls and draughts are drawn, not reckoned: the air speed told '
      + 'of the hall counts everywhere.',
    unknown: (bays: Shown, count: number) =>
      `${count === 1 ? `Bay ${bays} burns` : `Bays ${bays} burn`} though nobody can say what is made there: more floats than is shown.`,
    kinds,
  },
  plan: {
    plan: 'Plan',
    nobodyDrewIt: 'Nobody drew this hall yet: its edge is only as far round its bays as they need.',
  },
  closeUp: {
    hoodToArc: 'Hood to arc',
    hoodAt: (reach: Shown, placement: Shown, works: Shown) => `${reach} ${placement}; ${works}`,
    worksFrom: (nearest: Shown, farthest: Shown) => `it works from ${nearest} to ${farthest}`,
    worksNowhere: 'it works nowhere as it draws now',
    worksTo: (reach: Shown) => `works to ${reach}`,
    notNearer: (reach: Shown) => `not nearer than ${reach}: the shield gas`,
    nearer: 'Nearer',
    farther: 'Farther',
    arrows: { left: '↺', right: '↻' },
    turnLeft: 'Turn it left round the arc',
    turnRight: 'Turn it right round the arc',
    fromTheSide: 'From the side, to scale. Put the hood where you tap, or by the arrow keys.',
    fromAbove: 'From above, to scale. Put the hood where you tap, or by the arrow keys; on which side it stands changes no number.',
  },
  bay: {
    bay: (bay: Shown) => `Bay ${bay}`,
    close: 'All bays',
    noJob: 'no job',
    tried: 'tried, not set',
    ofTheLimit: 'of the limit that binds hardest',
    before: (part: Shown) => `; as it stands ${part}`,
    cannotBeSaid: 'What is breathed here cannot be said: its Air page says why.',
    nobodyWorks: 'Nobody works here today.',
    notCounted: 'Its own air holds it, or nobody has looked at its extraction today: its arcs are not counted in the hall, and its '
      + 'circle shows what would be.',
    noHoodPlaced: 'No hood was placed here.',
    watched: 'Instruments stand here: what they read comes before what is worked out. Its Air page has it.',
    hoodStands: 'The hood stands',
    asItIs: 'As it is',
    setItAtTheBay: 'Set it at the bay',
    itsAir: 'All of its air',
    whoseFume: (substance: Shown) => `Whose ${substance} is breathed here`,
    own: 'Its own arcs',
    overTheDay: 'Shares of the sum over the day, on average; what comes in with the air is nobody\'s.',
  },
  bays: {
    theBays: 'The bays in numbers',
    tapOne: 'Open one to see whose fume is breathed there, and to try its hood elsewhere.',
    noJob: 'no job',
    roundTheArc: (mid: Shown, high: Shown) => `${mid} round the arc, 95\u00a0% under ${high}`,
    notCounted: 'not counted in the hall',
  },
  draw: {
    howItIsDrawn: 'How it is drawn',
    howToDraw: 'Add a thing, then tap the plan where it stands, drag it, or press the arrow keys, with Shift for more. '
      + 'Nothing is judged by the drawing. Bays are moved where their extraction is told.',
    long: 'Long',
    deep: 'Deep',
    beginsAlong: 'Begins along the grid at',
    beginsAcross: 'Begins across it at',
    addTo: 'Add',
    kinds,
    whatStandsThere: (count: number) => `Drawn: ${count}`,
    thingAt: (thing: Shown, along: Shown, across: Shown) => `${thing}, ${along} along, ${across} across`,
    arrows: { left: '←', up: '↑', down: '↓', right: '→', turn: '↻' },
    left: 'Left',
    up: 'Up',
    down: 'Down',
    right: 'Right',
    turn: 'Turn by 15 degrees',
    takeOut: 'Take it out',
    along: 'Along',
    across: 'Across',
    towards: 'Towards',
    towardsHint: '0 is along the plan to the right, 90 down',
    length: 'Length',
    whereDuctsMeet: 'Where the ducts meet',
    ductsHint: 'A duct with a hood at its end begins at its hood. The fan they lead to is added above.',
    meetsAlong: (duct: Shown) => `${duct}, along`,
    meetsAcross: (duct: Shown) => `${duct}, across`,
    leaveIt: 'Leave it',
    keepIt: 'Keep the drawing',
  },
}
