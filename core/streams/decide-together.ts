import type { Bystanders, Change } from '../clearance/consequences'
import { changeOf, withConsequences } from '../clearance/consequences'
import type { Finding } from '../findings/finding'
import type { Asked } from './asks'
import type { CommandOf } from './commands'
import { isRefused } from './decision'
import { kindOfStream } from './kinds'

/** A stream that a command is about, as it stands, with what was found of what the command asks. */
export interface Target {
  readonly streamId: string
  readonly state: unknown
  readonly answer: Asked['answer']
}

/** What a command comes to: changes in the order in which they are recorded, and remarks for whoever gave it. */
export interface Decided {
  readonly changes: readonly Change[]
  readonly remarks: readonly Finding[]
}

/**
 * Decides a command on every stream that it is about, and all that comes with it. One refusal refuses the whole.
 *
 * @param targets the streams, locked and folded
 * @param bystanders what else may change by it, and what gates rest on
 */
export function decideTogether(
  command: CommandOf,
  targets: readonly Target[],
  bystanders: Bystanders,
): Decided | { readonly refused: readonly Finding[] } {
  const changes: Change[] = []
  const remarks: Finding[] = []
  for (const { streamId, state, answer } of targets) {
    const { kind, name, id } = kindOfStream(streamId)
    const decision = kind.decide(state, command, { ...bystanders.scene, id, answer })
    if (isRefused(decision)) return decision
    remarks.push(...(decision.remarks ?? []))
    changes.push(changeOf(streamId, name, id, state, decision.events))
  }
  return { changes: withConsequences(changes, bystanders), remarks }
}
