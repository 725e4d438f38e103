import { airPages } from '../en/air'
import { floorPages } from '../en/floor'
import { framePages } from '../en/frame'
import { gasPages } from '../en/gas'
import { helpPages } from '../en/help'
import { hotWorkPages } from '../en/hotWork'
import { kitPages } from '../en/kit'
import { logPages } from '../en/log'
import { peoplePages } from '../en/people'
import { rulesPages } from '../en/rules'
import { sitePages } from '../en/site'
import { stationPages } from '../en/station'
import { cylinderWords } from '#shared/words/en/cylinder-words'
import { emergencyWords } from '#shared/words/en/emergency-words'
import { fireWords } from '#shared/words/en/fire-words'
import { handoverChecks } from '#shared/words/en/handover-words'
import { hotworkWords } from '#shared/words/en/hotwork-words'
import { kitItemWords } from '#shared/words/en/kit-item-words'
import { kitWords } from '#shared/words/en/kit-words'
import { words } from '#shared/words/en/words'

export const spanish = {
  airPages, floorPages, framePages, gasPages, helpPages, hotWorkPages, kitPages, logPages, peoplePages, rulesPages, sitePages, stationPages,
  cylinderWords, emergencyWords, fireWords, handoverChecks, hotworkWords, kitItemWords, kitWords, words,
}
export type Spanish = typeof spanish
