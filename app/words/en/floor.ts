import type { Shown } from '../shown'

/** What the pages of this area say, in English. */
export const floorPages = {
  bayPage: {
    thereIsNoSuchBay: 'There is no such bay.',
    backToTheFloor: 'Back to the floor',
  },
  board: {
    openTheShop: 'Open the shop',
    bays: 'Bays',
    clearToStrike: 'clear to strike',
    hold: 'hold',
    stopped: 'stopped',
    bay: 'bay',
    whoAndWhat: 'who and what',
  },
  legend: {
    howToReadTheBoard: 'How to read the board',
    eachBayIsOneLine: 'Each bay is one line. It is live up to the first gate that holds it.',
    threeInks: 'Three inks',
    chalk: 'Chalk',
    aPersonSaidSo: ': a person said so.',
    print: 'Print',
    workedOutOrReadFrom: ': worked out, or read from an instrument.',
    pencil: 'Pencil',
    assumedNotConfirmedYet: ': assumed, not confirmed yet.',
    clearToStrike: 'Clear to strike',
    allSevenGatesOpenFrom: 'All seven gates open, from facts of today that this screen heard lately.',
    zonarisAdvisesYourLocalCode: 'Zonaris advises. Your local code, your hygienist and your fire authority decide.',
    openTheLineRunsThrough: 'Open: the line runs through.',
    holdLookedAtAndNot: 'Hold: looked at, and not right yet.',
    toDoNobodyHasLooked: 'To do: nobody has looked yet.',
    stopClosedAtOnce: 'Stop: closed at once.',
    notNeededForThisWork: 'Not needed for this work.',
  },
  page: {
    floor: 'Floor',
    noBaysYet: 'No bays yet',
    aBayIsAPlace: 'A bay is a place where one person strikes one arc. Add the first hall, an area in it and its bays; then place people and set their jobs here.',
    setUpTheSite: 'Set up the site',
    theSafetyLeadSetsThe: 'The safety lead sets the site up.',
    theBay: 'The bay',
    howToReadTheBoard: 'How to read the board',
    whatWasAsked: 'What was asked',
  },
  reopen: {
    reOpenTheStoppedBays: 'Re-open the stopped bays',
    baysAreStoppedWhatWas: (count: Shown) => `${count} bays are stopped. What was put right?`,
    reOpen: (count: Shown, names: Shown) => `Re-open ${count}: ${names}`,
  },
  row: {
    reads: (what: Shown, value: Shown) => `${value} ${what} now.`,
    nobody: 'nobody',
    bay: (label: Shown, personName: Shown, line: Shown, stationWords: Shown, reason: Shown, gatesSaid: Shown) => `Bay ${label}, ${personName}, ${line}. ${stationWords}. ${reason} ${gatesSaid}.`,
    notSentYet: 'not sent yet',
    noJobYet: 'no job yet',
  },
}
