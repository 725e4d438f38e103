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
    read: (name: Shown) => `${name} was read.`,
    readSheet: (name: Shown, sheet: Shown, of: Shown) => `${name} was read: its sheet ${sheet}, the first of ${of} that holds anything.`,
    refused: {
      'too-large': (name: Shown) => `${name} is larger than any list: take out of it what is meant, and choose that.`,
      'not-a-workbook': (name: Shown) => `${name} is no workbook that can be read: save it anew as .xlsx, or as CSV.`,
      'empty': (name: Shown) => `${name} holds nothing.`,
    },
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
