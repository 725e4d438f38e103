import type { Shown } from '../shown'

/** What parts of pages say that come when they are opened, in English: lists, sheets, what takes long. */
export const partPages = {
  table: {
    findAndSort: 'Find and sort',
    allOfIt: 'All as it comes',
    sortedBy: 'Sorted by',
    asItComes: 'what wants somebody first',
    foundHere: 'Found',
    find: 'Find in this list',
    shownOf: (found: Shown, all: Shown) => `${found} of ${all}`,
    nothingLikeIt: 'Nothing like it in this list.',
    upwards: 'sorted upwards',
    downwards: 'sorted downwards',
    more: (left: Shown) => `Show ${left} more`,
  },
  takeOut: {
    saveAll: 'Save all as CSV',
    reading: (count: number) => `${count} lines read so far`,
    notAll: (why: string) => `Nothing was saved. ${why}`,
    saveAsCsv: (count: number) => count === 1 ? 'Save it as CSV' : `Save these ${count} as CSV`,
    print: 'Print',
  },
  file: {
    chooseAFile: 'Choose a file',
  },
  progress: {
    leaveIt: 'Stop it here',
  },
  commandAnswer: {
    readSoFar: 'Read so far',
    isNotUnderstood: (word: Shown) => `"${word}" is not understood.`,
    leaveItOut: 'Leave it out',
  },
}
