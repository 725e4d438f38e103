import type { Shown } from '../shown'

const bays = (count: number): string => (count === 1 ? '1 bay' : `${count} bays`)

/** What a new shop is asked, step by step, in English. */
export const beginPages = {
  page: {
    firstSteps: 'First steps',
    lead:
      'From an empty shop to the first bay that is clear to strike. What you do not know yet can wait: it holds where it must, and nowhere '
      + 'else.',
    leadSetsUp: 'The safety lead sets up the shop.',
    steps: {
      halls: 'Halls and bays',
      numbers: 'Whom to call',
      kit: 'Kit for each bay',
      people: 'People',
      air: 'Air and extraction',
      work: 'The first job',
      gas: 'Cylinders',
      gates: 'Gate by gate',
    },
    why: {
      halls: 'A hall is where air is shared; a bay is where one person strikes one arc.',
      numbers: 'As they are dialled here. Help shows them to everybody, signed in or not.',
      kit: 'Each thing gets a tag. Looks before use are made at the bay; what goes by the calendar asks for its paper, or for a look.',
      people: 'Paste names, one to a line, or a table. Each is a learner where the list does not say otherwise.',
      air: 'Fume is worked out from what a hall takes in and what a hood draws. Until both are said, Air holds.',
      work: 'Somebody at a bay, and what they weld: everything else follows from these two.',
      gas: 'A bay with a regulator holds until a cylinder is connected there. What takes no gas needs none.',
      gates: 'Look at each, and settle it where it stands. The bay leads from one hold to the next.',
    },
    done: 'Done',
    toDo: 'To do',
    lacks: (names: Shown, more: number) => (more > 0 ? `Lacking: ${names} and ${more} more` : `Lacking: ${names}`),
    nextIs: (step: Shown) => `Next: ${step}`,
    atBay: (label: Shown, gate: Shown) => `Bay ${label}: ${gate}`,
    struck: 'A bay is clear to strike. The rest is every day\'s work.',
    toTheFloor: 'To the Floor',
    changeHalls: 'Rename, move or close halls, areas and bays',
    houseRules: 'House rules',
  },
  law: {
    choose: 'choose',
    whoseLaw: 'Whose law',
    units: 'Units',
    metric: 'Metres, litres, bar',
    us: 'Feet, cubic feet, psi',
    language: 'Language of the shop',
    follows: 'What follows from that',
    shades: { 'us-legal': 'Shades: the stricter of American law and consensus.', 'eu': 'Shades: the European table.' },
    exposure: (limits: Shown) => `Limits of fume: ${limits}, or what is stricter elsewhere.`,
    radius: (distance: Shown) => `Hot work: at least ${distance} kept clear.`,
    noRadius: 'Hot work: the law names no circle; the house keeps its own.',
    hood: 'Indoors an arc takes a hood, whatever the air says.',
    noHood: 'A hood is asked for where the air needs it.',
    canChange: 'Each of these can be made stricter at House rules.',
  },
  halls: {
    name: 'Name of the hall',
    nameHint: 'or of the yard, where you work in the open',
    long: 'Long',
    wide: 'Wide',
    high: 'High',
    bays: 'Bays in it',
    numberedFrom: (first: number) => `numbered from ${first}`,
    kind: 'What they are',
    kindHint: 'a spot on a structure reads the construction tables and needs a permit',
    make: 'Make the hall',
    makeSo: (count: number) => `Make the hall with ${bays(count)}`,
  },
  numbers: { save: 'Save the numbers' },
  kit: {
    whatIsDone: 'What is done here',
    forEachBay: (count: number) =>
      count === 0
        ? 'Every bay has what it takes: more is registered at Kit.'
        : count === 1 ? 'What one bay still lacks:' : `What ${count} bays still lack, each:`,
    make: 'Register the set',
    makeSo: (count: number) => `Register ${count === 1 ? '1 thing' : `${count} things`}`,
  },
  kind: {
    eachBay: (kind: Shown, count: number) => (count === 1 ? `${kind}: one to a bay` : `${kind}: ${count} to a bay`),
    known: { 'known': 'Known', 'later': 'Later', 'not-here': 'Not here' },
    fromTheWork: 'From the farthest work to it',
    passedOn: (list: Shown) => `Passed, ${list}`,
    by: (list: Shown) => `By whom, ${list}`,
    byHint: 'as the paper says; without it the day does not count',
  },
  air: {
    whatItIs: 'What it is',
    kinds: { 'hall': 'A hall', 'open-air': 'Open air' },
    volume: 'Volume',
    ceiling: 'Ceiling',
    blownIn: 'Air blown in',
    blownInHint: 'fans and openings together, as measured or as the papers say',
    outdoors: 'Of it outdoor air',
    speed: 'Air speed at the bays',
    speedHint: 'usually 0.1 to 0.3 m/s indoors',
    later:
      'Counted as usual until somebody says otherwise at Air: no filter, clean air from outside, a near field of 0.5 m. '
      + 'Not measured yet? Go on with another step: Air holds here until it is.',
    saveAir: 'Save the air of this hall',
    whatDraws: (count: number) => `What draws the fume, the same at ${bays(count)}:`,
    apart: 'From one bay to the next',
    inRows: 'middle to middle, where they stand closest; put right one by one at Air',
    done: 'Its air and the extraction of all its bays are said.',
  },
  gas: {
    inThisOrder: 'The cage first, then what comes in, read at its shoulder; then it goes to the bay and is connected there.',
    noneWaits: 'No bay waits for gas.',
    describeCage: 'Describe the cage',
    receive: 'Receive a cylinder',
    connect: (label: Shown) => `Connect it at bay ${label}`,
  },
  work: {
    eachBay: 'Who stands there is asked first; the job may be set from the last one, or typed as one line.',
    place: (label: Shown) => `Place somebody at bay ${label}`,
    setJob: (label: Shown) => `Set the job of bay ${label}`,
    aClass: 'A whole class at once',
  },
}
