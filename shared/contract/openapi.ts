import { z } from 'zod'
import { LOG_KINDS } from '#core/ids/log-kinds'
import { assessShadeRequest, assessShadeResponse } from './assess-shade-schema'
import {
  assessBurnOffRequest,
  assessDayRequest,
  assessDayResponse,
  assessBurnOffResponse,
  assessCaptureRequest,
  assessCaptureResponse,
  assessExposureStatisticsRequest,
  assessExposureStatisticsResponse,
  assessFumeRequest,
  assessFumeResponse,
  assessOxygenRequest,
  assessOxygenResponse,
  assessRespiratorRequest,
  assessRespiratorResponse,
  assessRoomRequest,
  assessRoomResponse,
} from './assess-air-schema'
import {
  assessCableRequest,
  assessCableResponse,
  assessContentsRequest,
  assessContentsResponse,
  assessDutyCycleRequest,
  assessDutyCycleResponse,
  assessElectricalTestRequest,
  assessElectricalTestResponse,
  assessRequalificationRequest,
  assessRequalificationResponse,
  assessStorageRequest,
  assessStorageResponse,
  assessWithdrawalRequest,
  assessWithdrawalResponse,
} from './assess-cylinder-schema'
import {
  assessFireWatchRequest,
  assessFireWatchResponse,
  assessHotWorkRequest,
  assessHotWorkResponse,
  assessSparkReachRequest,
  assessSparkReachResponse,
} from './permit-schema'
import {
  assessBystanderRequest,
  assessBystanderResponse,
  assessHeatRequest,
  assessHeatResponse,
  assessHelmetRequest,
  assessHelmetResponse,
  assessLaserRequest,
  assessLaserResponse,
  assessNoiseRequest,
  assessNoiseResponse,
  assessPpeRequest,
  assessPpeResponse,
} from './assess-protection-schema'
import { assessClearanceRequest, assessClearanceResponse, clearanceResponse } from './clearance-schema'
import { envelopeSchema, payloadSchemas } from './command-schemas'
import { assessCalibrationRequest, assessCalibrationResponse } from './assess-calibration-schema'
import { classPlanRequest } from './class-plan-schema'
import { assessPlanRequest, assessPlanResponse } from './assess-plan-schema'
import { assessDuctsRequest, assessDuctsResponse } from './assess-ducts-schema'
import { readingsRequest, readingsResponse } from './monitor-schema'
import { findingSchema, inputErrorSchema } from './finding-schema'
import {
  credentialsRequest,
  preferencesRequest,
  deviceKeyRequest,
  firstRunRequest,
  nameDeviceRequest,
  redeemRequest,
  revokeDeviceRequest,
  signInCodeRequest,
  signInRequest,
  careRequest,
  wearerRequest,
} from './sign-in-schema'
import type { CommandType } from '#core/streams/commands'

type Json = Record<string, unknown>

/** JSON Schema as OpenAPI 3.1 reads it. The draft marker belongs to whole documents, not to parts of one. */
function schemaOf(schema: z.ZodType, io: 'input' | 'output'): Json {
  const { $schema: _draft, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' }) as Json
  return rest
}

const json = (schema: Json): Json => ({ 'application/json': { schema } })
const answer = (description: string, schema: Json): Json => ({ description, content: json(schema) })
const ref = (name: string): Json => ({ $ref: `#/components/schemas/${name}` })

/** What comes back from the door, described beside the schemas of what goes in. */
const accepted = z.object({
  commandId: z.string(),
  position: z.int(),
  streams: z.array(z.object({ id: z.string(), version: z.int() })),
  findings: z.array(findingSchema),
})
const refused = z.object({ commandId: z.string(), findings: z.array(findingSchema) })

/** A stateless question with its answer, as every `assess` endpoint has them. */
interface Assessment {
  readonly name: string
  readonly summary: string
  readonly description: string
  readonly request: z.ZodType
  readonly response: z.ZodType
}

const ADVISES = 'Zonaris advises; local codes and licensed practice decide.'

const ASSESSMENTS: Readonly<Record<string, Assessment>> = {
  'shade': {
    name: 'AssessShade',
    summary: 'The shade a weld needs: what each rule set says, which binds, and where to start',
    request: assessShadeRequest,
    response: assessShadeResponse,
    description:
      'House rules apply only if sent; with none sent the strictest known binds and the answer says so. What is missing is a hold with `minimum: null`, never a guess.',
  },
  'fume': {
    name: 'AssessFume',
    summary: 'The fume of one arc in one room: what rises, what is breathed, and how much of each limit that is',
    request: assessFumeRequest,
    response: assessFumeResponse,
    description:
      'Each value carries low, middle and high; fractions and protection factor come from the high end. With no rule sets sent, all known bind. What is missing is a hold with no substances, never a guess.',
  },
  'day': {
    name: 'AssessDay',
    summary: 'The day of one person: what they breathe at every arc they weld at, help at or work near, and between',
    request: assessDayRequest,
    response: assessDayResponse,
    description:
      'Everything that is not known is drawn, and the parts of a day are summed draw by draw; fractions are of the high end. '
      + 'A mask counts for the share of the work in which it is on, and not between jobs. Over eight hours a day or forty a week, '
      + 'limits of a shift count lower. What is missing is a hold with no substances, never a guess.',
  },
  'burn-off': {
    name: 'AssessBurnOff',
    summary: 'How far a coating boils beside a weld, how much of it, and what stays in the air',
    request: assessBurnOffRequest,
    response: assessBurnOffResponse,
    description:
      'By the peak temperature beside the weld in thin or thick plate, within what the arc has power to boil. '
      + 'What is left out is drawn from what is usual, and said. A coating that nobody can name is a hold with nulls.',
  },
  'calibration': {
    name: 'AssessCalibration',
    summary: 'What samples say of the model: how far off its emission and its capture are, before and after',
    request: assessCalibrationRequest,
    response: assessCalibrationResponse,
    description:
      'Times what the model says; one says that it is right. A result below the limit of quantification counts by the chance of that. '
      + 'Samples outside all that was held possible hold: something else is the matter.',
  },
  'ducts': {
    name: 'AssessDucts',
    summary: 'What every hood of a system of ducts draws, which are starved, and how many may be open at once',
    request: assessDuctsRequest,
    response: assessDuctsResponse,
    description:
      'Fan, filter, ducts, mouths and dampers in balance. Give the fan\'s total pressure; its static pressure stands in for it, and is less. '
      + 'How many may be open is the most of which no choice starves one. A fan off its known curve holds.',
  },
  'plan': {
    name: 'AssessPlan',
    summary: 'Who welds at which bay in which period of a class, so that nobody exceeds and everybody gets arc time',
    request: assessPlanRequest,
    response: assessPlanResponse,
    description:
      'The fairest plan: whoever gets least gets the most, up to what is wanted. Each is checked by the solver that judges a bay before it '
      + 'is given. Where none gives what is wanted, `forbids` and `changes` say why, and what would do. Takes some seconds.',
  },
  'room': {
    name: 'AssessRoom',
    summary: 'Concentration in a room with one source, and round the source: settled, at the end, on average',
    request: assessRoomRequest,
    response: assessRoomResponse,
    description: 'Exact for a well-mixed room and for near and far field. `steadyMgPerM3` is null where no air leaves.',
  },
  'capture': {
    name: 'AssessCapture',
    summary: 'The distances at which a hood captures this fume and leaves this shield gas alone',
    request: assessCaptureRequest,
    response: assessCaptureResponse,
    description:
      'Give a diameter, or a width and a height. Without a current an overhead hood is judged over a weak plume, and the answer says so.',
  },
  'exposure-statistics': {
    name: 'AssessExposureStatistics',
    summary: 'Personal samples against a limit: preliminary and statistical test, tolerance limits, exceedance',
    request: assessExposureStatisticsRequest,
    response: assessExposureStatisticsResponse,
    description:
      'Nothing is rounded before it is compared. Where the verdict turns on how results below the limit of quantification are counted, it is `no-decision`.',
  },
  'oxygen': {
    name: 'AssessOxygen',
    summary: 'Oxygen left after an inert gas leaks or purges into a space, or oxygen too much',
    request: assessOxygenRequest,
    response: assessOxygenResponse,
    description: 'Well mixed at constant pressure. A mixed number never opens a door: gases pool.',
  },
  'respirator': {
    name: 'AssessRespirator',
    summary: 'Which respirators give the protection needed, and which do not',
    request: assessRespiratorRequest,
    response: assessRespiratorResponse,
    description: 'A dust mask never counts. A gas over its limit passes every dust filter.',
  },
  'spark-reach': {
    name: 'AssessSparkReach',
    summary: 'How far sparks fly, and how large a circle must be clear',
    request: assessSparkReachRequest,
    response: assessSparkReachResponse,
    description:
      'The larger of the rule (35 ft) and the computed reach, plus roll on a hard floor. Beyond 20 m of height or 15 m/s of wind: a hold and no radius.',
  },
  'hot-work': {
    name: 'AssessHotWork',
    summary: 'Hot work: for the bay, for a permit, or forbidden; its precautions and its watch',
    request: assessHotWorkRequest,
    response: assessHotWorkResponse,
    description:
      'House rules apply only if sent; with none sent the strictest known bind and the answer says so. Contents nobody knows count as flammable.',
  },
  'fire-watch': {
    name: 'AssessFireWatch',
    summary: 'Rounds of a fire watch and visits of the monitoring, by the shop\'s own clock',
    request: assessFireWatchRequest,
    response: assessFireWatchResponse,
    description: 'Elapsed minutes: a clock change makes a watch neither shorter nor longer. The last look of each is at its very end.',
  },
  'clearance': {
    name: 'AssessClearance',
    summary: 'Each bay of a shop: its seven gates with their reasons, from what was told of it',
    request: assessClearanceRequest,
    response: assessClearanceResponse,
    description:
      'By the same code that judges the Floor. A shop is told in the words of its own commands, in the order in which they were heard; what was not told is not so, and holds. Who may say what is not asked: whoever sends it answers for that.',
  },
  'requalification': {
    name: 'AssessRequalification',
    summary: 'When a cylinder must be tested again, by the marks on its shoulder',
    request: assessRequalificationRequest,
    response: assessRequalificationResponse,
    description:
      'Marks that cannot be read for sure are a hold with `nextDue: null`. Unknown size or filling history takes the short interval.',
  },
  'contents': {
    name: 'AssessContents',
    summary: 'What a cylinder holds: by gauge with real-gas behaviour, or by weight',
    request: assessContentsRequest,
    response: assessContentsResponse,
    description:
      'Acetylene, carbon dioxide and propane go by weight: asked by pressure, the answer is 422 with the reason. Minutes are counted to the pressure left in the cylinder.',
  },
  'withdrawal': {
    name: 'AssessWithdrawal',
    summary: 'How fast acetylene may be drawn, and how many cylinders a demand takes',
    request: assessWithdrawalRequest,
    response: assessWithdrawalResponse,
    description: 'A rule looser than the duty asks for is answered with a caution.',
  },
  'storage': {
    name: 'AssessStorage',
    summary: 'Cylinders in store: what stands too near to what, and the indoor limits',
    request: assessStorageRequest,
    response: assessStorageResponse,
    description:
      'Corner coordinates; distances edge to edge; a rated wall counts when it cuts every shorter line of sight. What is in use is not stored.',
  },
  'duty-cycle': {
    name: 'AssessDutyCycle',
    summary: 'Duty cycle of a machine at another current, and the rest in ten minutes',
    request: assessDutyCycleRequest,
    response: assessDutyCycleResponse,
    description: 'By heat alone: the maker may allow less above the rating.',
  },
  'cable': {
    name: 'AssessCable',
    summary: 'Voltage lost and heat made in lead and return, and the current the cable bears',
    request: assessCableRequest,
    response: assessCableResponse,
    description: 'Copper. Without a duty the arc counts as burning all the time.',
  },
  'laser': {
    name: 'AssessLaser',
    summary: 'How far a near-infrared laser is dangerous to eye and skin, and whether eyewear answers',
    request: assessLaserRequest,
    response: assessLaserResponse,
    description:
      'Continuous beam, 700 to 1400 nm, small source. Diameter and divergence count at 1/e; sent at 1/e2 they are turned into it. Eyewear has to be dark enough and bear the beam; no welding shade answers.',
  },
  'ppe': {
    name: 'AssessPpe',
    summary: 'What somebody has on, judged zone by zone for a job',
    request: assessPpeRequest,
    response: assessPpeResponse,
    description:
      'Nothing worn is no pass, and neither is what nobody knows: materials that do not add up, a condition that nobody looked at, a fact left out. Ids are of the vocabulary. Shade, air and lasers are judged by their own questions.',
  },
  'helmet': {
    name: 'AssessHelmet',
    summary: 'Which helmets of a rack do for the jobs of a day and for a person, the best first',
    request: assessHelmetRequest,
    response: assessHelmetResponse,
    description:
      'As it is set, with a step that is named, or not, and why. One helmet answers for all the jobs. What is not known of a helmet never makes it fit as it is.',
  },
  'bystander': {
    name: 'AssessBystander',
    summary: 'For how long, and from how far, somebody unprotected may see an arc in a day',
    request: assessBystanderRequest,
    response: assessBystanderResponse,
    description:
      'By 30 J/m² of weighted ultraviolet light and the square of the distance. Not measured, the upper end of what was measured elsewhere counts; where nobody measured, it holds.',
  },
  'noise': {
    name: 'AssessNoise',
    summary: 'The noise of a day by a rule, and what protectors leave at the ear',
    request: assessNoiseRequest,
    response: assessNoiseResponse,
    description: 'Dose and average as the rule counts them. With no derating sent half of the label counts.',
  },
  'heat': {
    name: 'AssessHeat',
    summary: 'Heat at work with what is worn, and how many minutes of each hour may be worked',
    request: assessHeatRequest,
    response: assessHeatResponse,
    description: 'A measured index, or one estimated from air, humidity and sun. Work and rest by the table and the limit at the average rate.',
  },
  'electrical-test': {
    name: 'AssessElectricalTest',
    summary: 'Readings of the periodic electrical test of a welding machine, judged',
    request: assessElectricalTestRequest,
    response: assessElectricalTestResponse,
    description: 'Without a place the limits of a wet, tight one count.',
  },
}

const assessmentPaths = (examples: Readonly<Record<string, unknown>>): Json =>
  Object.fromEntries(
    Object.entries(ASSESSMENTS).map(([id, { name, summary, description }]) => [
      `/api/v1/assess/${id}`,
      {
        post: {
          operationId: name.charAt(0).toLowerCase() + name.slice(1),
          tags: ['assess'],
          summary,
          description: `Stateless, without a session. ${description} ${ADVISES}`,
          security: [],
          requestBody: {
            required: true,
            content: { 'application/json': { schema: ref(`${name}Request`), ...(id in examples ? { example: examples[id] } : {}) } },
          },
          responses: {
            200: answer('The answer', ref(`${name}Response`)),
            422: answer('Something sent cannot be read', ref('InputError')),
            429: { description: 'Too many questions in a minute' },
          },
        },
      },
    ]),
  )

const NOBODY = { 401: { description: 'Nobody is signed in' } }
const NOT_ALLOWED = { 409: { description: 'This role may not, with the reason' } }
const TOO_MANY = { 429: { description: 'Too many tries: `retry-after`, or the instant until which none may be made' } }

/** A change beside the one door: a secret, a device, a health record. What it takes is checked by the schema shown. */
const posted = (operationId: string, summary: string, request: z.ZodType | null, good: string, more: Json, isOpen = false): Json => ({
  post: {
    operationId,
    tags: ['change'],
    summary,
    ...(isOpen ? { security: [] } : {}),
    ...(request ? { requestBody: { required: true, content: json(schemaOf(request, 'input')) } } : {}),
    responses: {
      200: { description: good },
      ...(request ? { 422: answer('Something sent cannot be read', ref('InputError')) } : {}),
      ...more,
    },
  },
})

const SIGNING_IN: Json = {
  '/api/v1/openapi.json': {
    get: {
      operationId: 'openapi',
      tags: ['read'],
      summary: 'This document',
      security: [],
      responses: { 200: { description: 'OpenAPI 3.1' } },
    },
  },
  '/api/v1/session': {
    get: {
      operationId: 'session',
      tags: ['read'],
      summary: 'Who is signed in on this device; nobody is an answer too',
      security: [],
      responses: { 200: { description: 'Person and site, or null' } },
    },
  },
  '/api/v1/sign-in': posted(
    'signIn',
    'Signs somebody in on this device, which acts for them from now on',
    signInRequest,
    'Signed in',
    {
      401: { description: 'Name and password do not match' },
      403: { description: 'A printed demo sign-in, off its machine' },
      ...TOO_MANY,
    },
    true,
  ),
  '/api/v1/redeem': posted(
    'redeem',
    'Sets one\'s own password and PIN with a one-time code that was handed over, and signs in',
    redeemRequest,
    'Set, and signed in',
    { 401: { description: 'Name and code do not match, or the code was used or is too old' }, ...TOO_MANY },
    true,
  ),
  '/api/v1/first-run': posted(
    'firstRun',
    'Opens the first site with its first safety lead, once, with the code that the first start prints',
    firstRunRequest,
    'Opened',
    { 409: { description: 'There is a site already' } },
    true,
  ),
  '/api/v1/sign-out': posted('signOut', 'Ends this session, on the server too', null, 'Ended', {}, true),
  '/api/v1/sign-out-everywhere': posted(
    'signOutEverywhere',
    'Ends all of one\'s own sessions and takes back all of one\'s own devices but this',
    null,
    'Ended',
    NOBODY,
  ),
  '/api/v1/credentials': posted('setOwnSecret', 'Sets one\'s own password or PIN, with the password as it is', credentialsRequest, 'Set', {
    ...NOBODY,
    ...TOO_MANY,
  }),
  '/api/v1/preferences': posted('setPreferences', 'Sets the language one reads, on every device', preferencesRequest, 'Set', NOBODY),
  '/api/v1/sign-in-codes': posted(
    'giveSignInCode',
    'Makes a one-time code to hand over, and shows it this once. Where there was a password, its owner is told, and signs nothing for a day',
    signInCodeRequest,
    'The code',
    { ...NOBODY, ...NOT_ALLOWED },
  ),
  '/api/v1/devices': {
    get: {
      operationId: 'devices',
      tags: ['read'],
      summary: 'Devices that act for whoever asks; all of the site for who manages people',
      parameters: [{ name: 'of', in: 'query', schema: { type: 'string', enum: ['me', 'all'], default: 'me' } }],
      responses: { 200: { description: 'As of now' }, ...NOBODY },
    },
  },
  '/api/v1/devices/name': posted('nameDevice', 'Names a device', nameDeviceRequest, 'Named', {
    ...NOBODY,
    404: { description: 'There is no such device, or it is not yours' },
  }),
  '/api/v1/devices/revoke': posted(
    'revokeDevice',
    'Takes a device back: its sessions end, and it acts for nobody',
    revokeDeviceRequest,
    'Taken back',
    { ...NOBODY, 404: { description: 'There is no such device, or it is not yours' } },
  ),
  '/api/v1/device-keys': posted(
    'makeDeviceKey',
    'Makes a read-only key for the clearance, and shows it this once. Revoke it with site.revoke-key',
    deviceKeyRequest,
    'The key',
    { ...NOBODY, ...NOT_ALLOWED },
  ),
  '/api/v1/people': {
    get: {
      operationId: 'people',
      tags: ['read'],
      summary: 'Everybody on the people list',
      responses: { 200: { description: 'As of now' }, ...NOBODY, ...NOT_ALLOWED },
    },
  },
  '/api/v1/wardrobe': {
    get: {
      operationId: 'wardrobe',
      tags: ['read'],
      summary: 'The clothes that the shop lends, as they were last counted; for whoever dresses people, the sizes that these wear',
      responses: { 200: { description: 'As of now' }, ...NOBODY },
    },
  },
  '/api/v1/day-plans': {
    get: {
      operationId: 'dayPlans',
      tags: ['read'],
      summary: 'Days that are kept to be opened again: who stands where, and what is welded',
      responses: { 200: { description: 'As of now' }, ...NOBODY, ...NOT_ALLOWED },
    },
  },
  '/api/v1/care': {
    get: {
      operationId: 'care',
      tags: ['read'],
      summary: 'What is known of eyes and body: one\'s own, or everybody\'s for the safety lead',
      responses: { 200: { description: 'As of now' }, ...NOBODY },
    },
    ...posted('noteCare', 'Writes or erases what is known of somebody\'s eyes and body', careRequest, 'Written, or erased', {
      ...NOBODY,
      ...NOT_ALLOWED,
    }),
  },
  '/api/v1/classes/plan': posted(
    'planClass',
    'Who welds at which bay in which part of a class of the shop; places nobody. Takes some seconds',
    classPlanRequest,
    'The plan, or why there is none',
    { ...NOBODY, ...NOT_ALLOWED },
  ),
  '/api/v1/wearers': {
    get: {
      operationId: 'wearers',
      tags: ['read'],
      summary: 'Masks with their dates: one\'s own, or everybody\'s for the safety lead',
      responses: { 200: { description: 'As of now' }, ...NOBODY },
    },
    ...posted('noteWearer', 'Writes or erases the health record of somebody who wears a mask', wearerRequest, 'Written, or erased', {
      ...NOBODY,
      ...NOT_ALLOWED,
    }),
  },
}

/** A paper opened as it is says in its address which language it is in. */
const A_PAPER = { description: 'The paper', content: { 'application/pdf': { schema: { type: 'string', format: 'binary' } } } }
const IN_LANGUAGE = { name: 'language', in: 'query', schema: { type: 'string', enum: ['en', 'es'] } }

const PATHS: Json = {
  '/api/v1/vocabulary': {
    get: {
      operationId: 'vocabulary',
      tags: ['read'],
      summary: 'Every id that Zonaris speaks, with its English words',
      security: [],
      responses: { 200: { description: 'Ids and words' } },
    },
  },
  '/api/v1/health': {
    get: {
      operationId: 'health',
      tags: ['read'],
      summary: 'Is this process up, does it reach the database, and is there a clock that could not do its work?',
      security: [],
      responses: {
        200: {
          description:
            'Yes; how many clocks are set aside and since when, how long the event loop kept work waiting in the last minutes (ms), and the connections to the database',
        },
      },
    },
  },
  '/api/v1/clearance': {
    get: {
      operationId: 'clearance',
      tags: ['read'],
      summary: 'The live verdicts of the site, with the instant and how old the oldest fact is',
      description:
        'For a wall, a lamp, or a machine\'s interlock: signed in, or with a read-only device key from Set-up. Whoever follows it lets nothing strike on an answer older than ten seconds.',
      security: [{ session: [] }, { deviceKey: [] }],
      responses: {
        200: answer('As of now', ref('Clearance')),
        401: { description: 'Nobody is signed in, and no key that stands was sent' },
      },
    },
  },
  '/api/v1/readings': {
    post: {
      operationId: 'readings',
      tags: ['change'],
      summary: 'What instruments at bays read, as a SenML pack (RFC 8428), with a device key that tells',
      description:
        'Each record is of the monitor whose name it bears (base name and name together), in a unit of what that measures. Send the same pack again as often as needed: a value of an instant is kept once. All of it is taken, or nothing. Past a ceiling, a short-term limit, what is immediately dangerous, or the bounds of oxygen and flammable gas, the bays of the monitor are stopped in the same breath. Tell at least three times within the span after which a monitor counts as silent. A log may come as CSV: a heading with time, name, unit and value, then a reading a row; times are instants with their zone, or seconds since 1970.',
      security: [{ deviceKey: [] }],
      requestBody: {
        required: true,
        content: {
          ...json(ref('Readings')),
          'text/csv': {
            schema: { type: 'string' },
            example: 'time,name,unit,value\n2026-12-01T09:30:00Z,bay-4:carbon-monoxide,ppm,3.5\n',
          },
        },
      },
      responses: {
        200: answer('Kept', ref('ReadingsTaken')),
        401: { description: 'No key that tells and stands was sent' },
        422: answer('What is wrong with it, record by record; nothing was kept', ref('InputError')),
        429: { description: 'Too many from one address' },
      },
    },
  },
  '/api/v1/commands': {
    post: {
      operationId: 'command',
      tags: ['change'],
      summary: 'The one door for change',
      description: `Send the same id again as often as needed: it happens once, and the first answer comes again. Types: ${Object.keys(payloadSchemas).join(', ')}. The payload of each is listed under components as Payload.<type>.`,
      requestBody: { required: true, content: json(ref('Command')) },
      responses: {
        200: answer('Recorded', ref('CommandAccepted')),
        401: { description: 'Nobody is signed in' },
        409: answer('Refused, with the reasons', ref('CommandRefused')),
        422: answer('Something sent cannot be read', ref('InputError')),
      },
    },
  },
  ...SIGNING_IN,
  '/api/v1/floor': {
    get: {
      operationId: 'floor',
      tags: ['read'],
      summary: 'The facts the board judges from, as of one position',
      responses: { 200: { description: 'Site, house rules, stations, names' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/log': {
    get: {
      operationId: 'log',
      tags: ['read'],
      summary: 'The record, newest first',
      parameters: [
        { name: 'before', in: 'query', schema: { type: 'integer', minimum: 1 }, description: 'Pass `next` of the page before' },
        { name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: 200, default: 60 } },
        { name: 'streamId', in: 'query', schema: { type: 'string' } },
        { name: 'day', in: 'query', schema: { type: 'string', format: 'date' }, description: 'The shop day on which it happened' },
        { name: 'personId', in: 'query', schema: { type: 'string' }, description: 'Who did it, or for whom a device did' },
        { name: 'bayId', in: 'query', schema: { type: 'string' }, description: 'At this bay, or to what is used there' },
        { name: 'placeId', in: 'query', schema: { type: 'string' }, description: 'At this place outside the bays' },
        { name: 'kind', in: 'query', schema: { type: 'string', enum: LOG_KINDS } },
      ],
      responses: {
        200: { description: 'Entries and the next position; what a line replaced stands beside it' },
        401: { description: 'Nobody is signed in' },
        409: { description: 'This role may not read the record' },
      },
    },
  },
  '/api/v1/days/{day}/sheet': {
    get: {
      operationId: 'daySheet',
      tags: ['read'],
      summary: 'The seal of a day, signed, as a PDF to print and keep elsewhere',
      parameters: [{ name: 'day', in: 'path', required: true, schema: { type: 'string', format: 'date' } }],
      responses: {
        200: { description: 'The sheet', content: { 'application/pdf': { schema: { type: 'string', format: 'binary' } } } },
        ...NOBODY,
        ...NOT_ALLOWED,
        404: { description: 'That day is not sealed' },
      },
    },
  },
  '/api/v1/kit': {
    get: {
      operationId: 'kit',
      tags: ['read'],
      summary: 'What is tagged out, and what falls due by the calendar, soonest first',
      parameters: [
        { name: 'days', in: 'query', schema: { type: 'integer', minimum: 0, maximum: 400, default: 7 } },
        { name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: 500, default: 100 } },
        { name: 'afterDueOn', in: 'query', schema: { type: 'string' } },
        { name: 'afterTag', in: 'query', schema: { type: 'string' } },
      ],
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/kit/round': {
    get: {
      operationId: 'round',
      tags: ['read'],
      summary: 'Everything in use, in walking order',
      parameters: [{ name: 'bayId', in: 'query', schema: { type: 'string' } }],
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/kit/helmets': {
    get: {
      operationId: 'helmets',
      tags: ['read'],
      summary: 'The helmets of the shop, and the lists they are looked at by',
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/monitors/{monitorId}': {
    get: {
      operationId: 'monitor',
      tags: ['read'],
      summary: 'An instrument at a bay, and what it read there over the last eight hours in stretches of two minutes',
      parameters: [{ name: 'monitorId', in: 'path', required: true, schema: { type: 'string' } }],
      responses: {
        200: { description: 'As of now; concentrations in mg/m³' },
        401: { description: 'Nobody is signed in' },
        404: { description: 'No monitor in use has this id' },
      },
    },
  },
  '/api/v1/items': {
    get: {
      operationId: 'items',
      tags: ['read'],
      summary: 'Things by the beginning of their tag, or by kind',
      parameters: [
        { name: 'begins', in: 'query', schema: { type: 'string' } },
        { name: 'kind', in: 'query', schema: { type: 'string' } },
        { name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: 200, default: 30 } },
      ],
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/items/{tag}': {
    get: {
      operationId: 'item',
      tags: ['read'],
      summary: 'A thing with its whole life',
      parameters: [{ name: 'tag', in: 'path', required: true, schema: { type: 'string' } }],
      responses: {
        200: { description: 'As of now' },
        401: { description: 'Nobody is signed in' },
        404: { description: 'Nothing wears this tag' },
      },
    },
  },
  '/api/v1/gas': {
    get: {
      operationId: 'gas',
      tags: ['read'],
      summary: 'Places, and the cylinders that are here, judged for today',
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/places': {
    get: {
      operationId: 'places',
      tags: ['read'],
      summary: 'The places of the site\'s grid',
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/cylinders/{tag}': {
    get: {
      operationId: 'cylinder',
      tags: ['read'],
      summary: 'A cylinder with its whole life',
      parameters: [{ name: 'tag', in: 'path', required: true, schema: { type: 'string' } }],
      responses: {
        200: { description: 'As of now' },
        401: { description: 'Nobody is signed in' },
        404: { description: 'Nothing wears this tag' },
      },
    },
  },
  '/api/v1/permits': {
    get: {
      operationId: 'permits',
      tags: ['read'],
      summary: 'Live permits, whose turn comes soonest first, and the last that ended',
      parameters: [
        { name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: 100, default: 40 } },
        { name: 'after', in: 'query', schema: { type: 'string' } },
        { name: 'afterTurn', in: 'query', schema: { type: 'string', format: 'date-time' } },
      ],
      responses: { 200: { description: 'As of now' }, 401: { description: 'Nobody is signed in' } },
    },
  },
  '/api/v1/permits/{permitId}': {
    get: {
      operationId: 'permit',
      tags: ['read'],
      summary: 'A permit with its things, its neighbours and its whole life',
      parameters: [{ name: 'permitId', in: 'path', required: true, schema: { type: 'string' } }],
      responses: {
        200: { description: 'As of now' },
        401: { description: 'Nobody is signed in' },
        404: { description: 'There is no such permit' },
      },
    },
  },
  '/api/v1/permits/{permitId}/paper': {
    get: {
      operationId: 'permitPaper',
      tags: ['read'],
      summary: 'The permit as a PDF to print',
      parameters: [{ name: 'permitId', in: 'path', required: true, schema: { type: 'string' } }],
      responses: {
        200: A_PAPER,
        401: { description: 'Nobody is signed in' },
        404: { description: 'There is no such permit' },
      },
    },
  },
  '/api/v1/bays/{bayId}/card': {
    get: {
      operationId: 'bayCard',
      tags: ['read'],
      summary: 'A bay\'s card as a PDF to print; `language` chooses English or Spanish',
      parameters: [{ name: 'bayId', in: 'path', required: true, schema: { type: 'string' } }, IN_LANGUAGE],
      responses: { 200: A_PAPER, ...NOBODY, ...NOT_ALLOWED, 404: { description: 'There is no such bay' } },
    },
  },
  '/api/v1/bays/{bayId}/samples-report': {
    get: {
      operationId: 'samplesReport',
      tags: ['read'],
      summary: 'The samples of a bay as a PDF: method, place, results, verdict, who signs; `language` chooses English or Spanish',
      parameters: [{ name: 'bayId', in: 'path', required: true, schema: { type: 'string' } }, IN_LANGUAGE],
      responses: { 200: A_PAPER, ...NOBODY, ...NOT_ALLOWED, 404: { description: 'There is no such bay' } },
    },
  },
  '/api/v1/class-sheet': {
    get: {
      operationId: 'classSheet',
      tags: ['read'],
      summary: 'Everybody of a class who stands at a bay, as a PDF to print',
      parameters: [{ name: 'group', in: 'query', schema: { type: 'string' } }, IN_LANGUAGE],
      responses: { 200: A_PAPER, ...NOBODY, ...NOT_ALLOWED },
    },
  },
  '/api/v1/people/{personId}/to-bring': {
    get: {
      operationId: 'toBring',
      tags: ['read'],
      summary: 'What somebody has to bring next time, as a PDF to print',
      parameters: [{ name: 'personId', in: 'path', required: true, schema: { type: 'string' } }, IN_LANGUAGE],
      responses: { 200: A_PAPER, ...NOBODY, ...NOT_ALLOWED, 404: { description: 'Nobody has this id' } },
    },
  },
  '/api/v1/people/{personId}/air': {
    get: {
      operationId: 'airOfDays',
      tags: ['read'],
      summary: 'What somebody breathed, day by day, newest first: one\'s own, or anybody\'s for who reads the whole record',
      parameters: [
        { name: 'personId', in: 'path', required: true, schema: { type: 'string' } },
        { name: 'before', in: 'query', schema: { type: 'string', format: 'date' }, description: 'Only days before this one' },
      ],
      responses: {
        200: { description: 'Worked out as each day ended, outside any mask, mg/m³ at the 5th, 50th and 95th percentile' },
        ...NOBODY,
        404: { description: 'Nobody has this id, or it is not theirs to read' },
      },
    },
  },
  '/api/v1/public/cards/{token}': {
    get: {
      operationId: 'publicCard',
      tags: ['read'],
      summary: 'What the code on a card opens: how the bay stands, and what to wear there. Needs no session',
      security: [],
      parameters: [{ name: 'token', in: 'path', required: true, schema: { type: 'string' } }],
      responses: { 200: { description: 'As of now' }, 404: { description: 'No card has this code' } },
    },
  },
  '/api/v1/public/permits/{code}': {
    get: {
      operationId: 'publicPermit',
      tags: ['read'],
      summary: 'What the code on the paper opens: place, state, times. Needs no session',
      security: [],
      parameters: [{ name: 'code', in: 'path', required: true, schema: { type: 'string' } }],
      responses: { 200: { description: 'As of now' }, 404: { description: 'No permit has this code' } },
    },
  },
  '/api/v1/public/shop': {
    get: {
      operationId: 'publicShop',
      tags: ['read'],
      summary: 'Numbers to call, and on a device that the shop knows how many bays are clear, hold or are stopped. Needs no session',
      security: [],
      responses: { 200: { description: 'As of now; null where there is no shop, or the device is not known' } },
    },
  },
  '/api/v1/events': {
    get: {
      operationId: 'events',
      tags: ['read'],
      summary: 'Server-sent events: what changed after a position; Last-Event-ID resumes',
      parameters: [{ name: 'after', in: 'query', schema: { type: 'integer', minimum: 0, default: 0 } }],
      responses: {
        200: {
          description:
            '`changes`: {changes: [{position, streamId, type}], now}. `heartbeat`, every 5 s while the database answers: {now, asOf, position}; whoever shows less than that position is behind, and shows nothing as clear',
          content: { 'text/event-stream': { schema: { type: 'string' } } },
        },
        401: { description: 'Nobody is signed in' },
      },
    },
  },
}

/**
 * The OpenAPI document, made from the same Zod schemas that check what is sent.
 *
 * @param examples a request by the id of its assessment, where one is shown
 */
export function openApiDocument(examples: Readonly<Record<string, unknown>> = {}): Json {
  const payloads = Object.fromEntries(
    (Object.keys(payloadSchemas) as CommandType[]).map(type => [`Payload.${type}`, schemaOf(payloadSchemas[type], 'input')]),
  )
  return {
    openapi: '3.1.0',
    info: {
      title: 'Zonaris',
      version: '1',
      description: 'What it takes to strike an arc safely: answers for other programs, and the record.',
    },
    servers: [{ url: '/' }],
    tags: [
      { name: 'assess', description: 'Stateless answers' },
      { name: 'read', description: 'Readings' },
      { name: 'change', description: 'Commands' },
    ],
    security: [{ session: [] }],
    paths: { ...assessmentPaths(examples), ...PATHS },
    components: {
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'zonaris-session' },
        deviceKey: { type: 'http', scheme: 'bearer', description: 'A read-only key made in Set-up' },
      },
      schemas: {
        ...Object.fromEntries(
          Object.values(ASSESSMENTS).flatMap(({ name, request, response }) => [
            [`${name}Request`, schemaOf(request, 'input')],
            [`${name}Response`, schemaOf(response, 'output')],
          ]),
        ),
        InputError: schemaOf(inputErrorSchema, 'output'),
        Clearance: schemaOf(clearanceResponse, 'output'),
        Command: schemaOf(envelopeSchema, 'input'),
        Readings: schemaOf(readingsRequest, 'input'),
        ReadingsTaken: schemaOf(readingsResponse, 'output'),
        CommandAccepted: schemaOf(accepted, 'output'),
        CommandRefused: schemaOf(refused, 'output'),
        ...payloads,
      },
    },
  }
}
