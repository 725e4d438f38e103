import type { Shown } from '../shown'

/** What the page that opens the shop says, in English. */
export const openingPages = {
  page: {
    openTheShop: 'Open the shop',
    inWalkingOrder:
      'Bay by bay, in walking order. Look, then tap: a tap records that you looked at what it names and found it '
      + 'sound. What is wrong is said where it is wrong.',
    instructorOpens: 'An instructor or the safety lead opens the shop.',
    toGo: (left: number, clear: number) => `${left === 1 ? '1 bay' : `${left} bays`} to go, ${clear} clear to strike`,
    clear: 'Clear to strike',
  },
  class: {
    aClassComesIn: 'A class comes in',
    chooseAClass: 'choose a class',
    eachToTheirOwn: 'each to their own bay, the rest to what is free; nobody who stands somewhere is moved',
    nobodyToPlace: 'Everybody of this class stands somewhere, or is on watch.',
    noBayFor: (names: Shown) => `No bay for: ${names}.`,
    placeThem: (count: number) => count === 1 ? 'Place 1 person' : `Place ${count} people`,
  },
  bay: {
    nobody: 'nobody',
    allSound: 'Looked: all sound',
    passesAtTheDoor: 'Passes at the door',
    atBay: (label: Shown) => `at bay ${label}`,
    seeAtTheDoor: 'See what they have on',
    setAJob: 'Set a job',
    placeSomebody: 'Place somebody',
    byItself: 'is looked at by itself.',
    parts: { hood: 'hood', fire: 'fire', helmet: 'helmet', glasses: 'glasses', outfit: 'outfit' },
  },
}
