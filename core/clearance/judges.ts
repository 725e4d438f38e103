import type { GateId } from '../ids/vocabulary'
import type { Station } from '../streams/station/station'
import { judgeAir } from './air-gate'
import { judgeBody } from './body-gate'
import { judgeEyes } from './eyes-gate'
import { judgeFire } from './fire-gate'
import { judgeGas } from './gas-gate'
import type { Gate } from './gate'
import { judgeJob } from './job-gate'
import { judgeMachine } from './machine-gate'
import type { Surroundings } from './surroundings'

/** What judges a gate: a station as it stands, in what is around it. */
type Judge = (station: Station, around: Surroundings) => Gate

/** The judge of each gate, by name: a gate that is declared and not judged does not compile, and none can take another's place. */
export const JUDGES = {
  job: ({ job, personId }, { forPerson, rules, air }) => judgeJob(job, forPerson(personId).welder, rules.signOffRule, air.shopDay),
  eyes: judgeEyes,
  body: (station, { now, rules, air, noiseElsewhere, forPerson }) =>
    judgeBody(station, { now, rules, noiseElsewhere, welder: forPerson(station.personId).welder, heat: air.heat }),
  air: (station, { air, kit, forPerson, rules, now }) => judgeAir(station, air, kit, forPerson, rules, now),
  gas: (station, { kit, rules, now }) => judgeGas(station, kit, rules, now),
  machine: (station, { kit, now }) => judgeMachine(station, kit, now),
  fire: (station, { workplace, kit, fire, now }) => judgeFire(station, workplace, kit, fire, now),
} satisfies Readonly<Record<GateId, Judge>>

/** What each judge says, with what it shows besides its gate: the shade, the outfit, the air. */
export type Judged = { readonly [Id in GateId]: ReturnType<(typeof JUDGES)[Id]> }
