import { accountPages } from './account'
import { airPages } from './air'
import { beginPages } from './begin'
import { doorPages } from './door'
import { floorPages } from './floor'
import { framePages } from './frame'
import { gasPages } from './gas'
import { hallPages } from './hall'
import { helpPages } from './help'
import { hotWorkPages } from './hotWork'
import { jobPages } from './job'
import { kitPages } from './kit'
import { laserPages } from './laser'
import { logPages } from './log'
import { noticesPages } from './notices'
import { openingPages } from './opening'
import { partPages } from './parts'
import { peoplePages } from './people'
import { rulesPages } from './rules'
import { sitePages } from './site'
import { stationPages } from './station'
import { tradePages } from './trade'
import { cardWords } from '#shared/words/es/card-words'
import { cylinderWords } from '#shared/words/es/cylinder-words'
import { emergencyWords } from '#shared/words/es/emergency-words'
import { besidesBoard } from '#shared/words/es/besides-board'
import { sentences } from '#shared/words/es/findings'
import { fireWords } from '#shared/words/es/fire-words'
import { garmentWords } from '#shared/words/es/garment-words'
import { handoverChecks } from '#shared/words/es/handover-words'
import { hotworkWords } from '#shared/words/es/hotwork-words'
import { kitItemWords } from '#shared/words/es/kit-item-words'
import { kitWords } from '#shared/words/es/kit-words'
import { laserWords } from '#shared/words/es/laser-words'
import { words } from '#shared/words/es/words'
import { learnSentences } from '#shared/words/speak'

learnSentences({ ...sentences, ...besidesBoard }, 'es')

/** All that Zonaris says in Spanish: one file, fetched by whoever speaks it. */
export const spanish = {
  accountPages,
  airPages,
  beginPages,
  doorPages,
  floorPages,
  framePages,
  gasPages,
  hallPages,
  helpPages,
  hotWorkPages,
  jobPages,
  kitPages,
  laserPages,
  logPages,
  noticesPages,
  openingPages,
  partPages,
  peoplePages,
  rulesPages,
  sitePages,
  stationPages,
  tradePages,
  cardWords,
  cylinderWords,
  emergencyWords,
  fireWords,
  garmentWords,
  handoverChecks,
  hotworkWords,
  kitItemWords,
  kitWords,
  laserWords,
  words,
}
export type Spanish = typeof spanish
