import type { ProcessId } from '#core/ids/vocabulary'
import type { FumeDataSheet } from '#core/fume/data-sheet'
import type { CheckListsState } from '#core/streams/check-lists/check-lists'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import type { HallState } from '#core/streams/hall/hall'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import type { Monitor } from '#core/streams/monitor/monitor'
import type { Notice } from '#core/streams/notice/notice'
import type { FitTest } from '#core/respirator/fit-test'
import type { Loan, Person, SignOff } from '#core/streams/person/person'
import type { Permit } from '#core/streams/permit/permit'
import type { Place } from '#core/streams/place/place'
import type { Survey } from '#core/streams/samples/samples'
import type { Site } from '#core/streams/site/site'
import type { StationFacts } from '#shared/contract/readings'
import { shapedAs } from './shaped'

/** States as the read tables keep them, each read part by part. */
export const asSite = shapedAs<Site>('site_reading', {
  name: 'text',
  timeZone: 'text',
  halls: 'list',
  areas: 'list',
  bays: 'list',
  deviceKeys: 'list',
})

export const asHouseRules = shapedAs<HouseRules>('house_rules_reading', {
  jurisdiction: 'text',
  shadeBasis: 'text',
  shadeMinimum: 'number?',
  units: 'text',
  exposureBasis: 'text',
  shiftHours: 'number',
  workDaysPerWeek: 'number',
  maskWornShare: 'number',
  changeCosts: 'object',
  surveyMonths: 'number',
  fitTestMonths: 'number',
  medicalMonths: 'number',
  actionFraction: 'number',
  shopDayHour: 'number',
  settlingRule: 'text',
  regulatorRule: 'text',
  weekEndsOn: 'number',
  pastDueHolds: 'truth',
  storageBasis: 'text',
  radiusRule: 'text',
  watchAfterMin: 'number',
  monitoringMin: 'number',
  roundEveryMin: 'number',
  visitEveryMin: 'number',
  coverGapMin: 'number',
  gasRetestMin: 'number',
  lelLimitPercent: 'number',
  oxygenMaxPercent: 'number',
  longestPermitHours: 'number',
  authorisingRule: 'text',
  emergencyNumber: 'text',
  firePointNumber: 'text',
  firstAidNumber: 'text',
  gasSupplierNumber: 'text',
  signOffRule: 'text',
  safetyToe: 'truth',
  leatherLaces: 'truth',
  sleevesDo: 'truth',
  linedGlovesOnly: 'truth',
  lowShoesDo: 'truth',
  clothesRule: 'text',
  protectorRule: 'text',
  heatRule: 'text',
  language: 'text',
})

export const asStationFacts = shapedAs<StationFacts>('station_reading', {
  personId: 'text?',
  personSince: 'text?',
  job: 'object?',
  jobSetAt: 'text?',
  jobSince: 'text?',
  jobValidUntil: 'text?',
  earlierJobs: 'list',
  recentJobs: 'list',
  helmet: 'object?',
  helmetCheck: 'object?',
  glasses: 'object?',
  zones: 'object',
  hoodPosition: 'object?',
  hoodPlacedAt: 'text?',
  extractionCheck: 'object?',
  fireCheck: 'object?',
  laserCell: 'object?',
  helpers: 'list',
  handover: 'object?',
  stop: 'object?',
  placeSince: 'text?',
})

export const asHall = shapedAs<HallState>('hall_reading', { air: 'object?', bays: 'object' })

export const asSheet = shapedAs<FumeDataSheet>('fume_sheets_reading', {
  process: 'text?',
  consumable: 'text',
  title: 'text',
  compositionPercent: 'object',
})

export const asSurvey = shapedAs<Survey>('samples_reading', {
  surveyId: 'text',
  substance: 'text',
  takenOn: 'text',
  results: 'list',
  place: 'object',
  withdrawn: 'truth',
})

export const asMonitor = shapedAs<Monitor>('monitor_reading', {
  name: 'text',
  senmlName: 'text',
  bayIds: 'list',
  quantity: 'text',
  silentAfterS: 'number',
  placedAt: 'text',
  isRemoved: 'truth',
  heard: 'object?',
  over: 'object?',
  silentSince: 'text?',
})

export const asCheckLists = shapedAs<CheckListsState>('check_lists_reading', { versions: 'object', dropped: 'list' })

export const asSettled = shapedAs<Person['settled'][number]>('person_reading', {
  process: 'text',
  bandA: 'list?',
  shade: 'number',
  at: 'text',
})
export const asSignOff = shapedAs<SignOff>('person_reading', { isSignedOff: 'truth', by: 'text', at: 'text' })
export const asTraining = shapedAs<NonNullable<Person['trainings'][ProcessId]>>('person_reading', {
  trainedOn: 'text',
  taughtBy: 'text',
  nextOn: 'text?',
  at: 'text',
  by: 'text',
})
export const asOutfit = shapedAs<NonNullable<Person['outfit']>>('person_reading', {
  worn: 'list',
  at: 'text',
  validUntil: 'text',
  by: 'text',
})
export const asLoan = shapedAs<Loan>('person_reading', { loanId: 'text', wearable: 'text', size: 'text', at: 'text', by: 'text' })
export const asTakenOff = shapedAs<Person['takenOff']>('person_reading', {})
export const asFitTest = shapedAs<FitTest>('wearer_health', {
  model: 'text',
  method: 'text',
  passed: 'truth',
  factor: 'number?',
  nextOn: 'text?',
})

export const asKitItem = shapedAs<KitItem>('item_reading', {
  tag: 'text',
  kind: 'text',
  name: 'text',
  marks: 'object',
  assignment: 'object?',
  taggedOut: 'object?',
  isRetired: 'truth',
  lastEventAt: 'text?',
  lists: 'object',
})

export const asCylinder = shapedAs<CylinderState>('cylinder_reading', {
  tag: 'text',
  gas: 'any',
  owner: 'text',
  stamps: 'text',
  standing: 'object?',
  stance: 'object?',
  isConnected: 'truth',
  isEmpty: 'truth',
  emptiedAt: 'text?',
  isReturned: 'truth',
  lastLay: 'object?',
  settlesAt: 'text?',
  hasSettled: 'truth',
  reading: 'object?',
  leakTest: 'object?',
  touchedAt: 'text?',
  deliveryKPa: 'number?',
  deliveryAt: 'text?',
  shutDownAt: 'text?',
  danger: 'object?',
  taggedOut: 'object?',
  isTagWithdrawn: 'truth',
})

export const asPlace = shapedAs<Place>('place_reading', {
  name: 'text',
  level: 'number',
  xM: 'number',
  yM: 'number',
  widthM: 'number',
  depthM: 'number',
  room: 'object?',
  store: 'object?',
})

export const asNotice = shapedAs<Notice>('notice_reading', {
  what: 'object',
  about: 'text',
  bayIds: 'list',
  to: 'list',
  givenAt: 'text',
  seenAt: 'object',
})

export const asPermit = shapedAs<Permit>('permit_reading', {
  code: 'text',
  token: 'text',
  phase: 'text',
  request: 'object',
  plan: 'object',
  requestedBy: 'text',
  seenTo: 'object',
  gas: 'object?',
  gasByPoint: 'object',
  wasGasOut: 'truth',
  authorisedBy: 'text?',
  authorisedAt: 'text?',
  watchers: 'list',
  secondChannel: 'text?',
  untilAt: 'text',
  posts: 'list',
  stoodWatch: 'list',
  coverLostAt: 'text?',
  coverMissingUntil: 'text?',
  coverSaidFor: 'text?',
  overdue: 'object?',
  roundSaidFor: 'text?',
  firstArcAt: 'text?',
  lastArcAt: 'text?',
  suspension: 'object?',
  watchFrom: 'text?',
  watchOverAt: 'text?',
  lastVisitAt: 'text?',
  visitMissedFor: 'text?',
  visitsMissed: 'list',
  monitoringOverAt: 'text?',
  retestSaidFor: 'text?',
  restored: 'list',
  putBackAt: 'object',
  help: 'object?',
  isHelpOpen: 'truth',
  endReason: 'text?',
  endedAt: 'text?',
  closing: 'object?',
})
