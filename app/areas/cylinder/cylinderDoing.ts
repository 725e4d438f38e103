import type { CylinderCommands } from '#core/streams/cylinder/cylinder'

/** What is opened of one cylinder's page; null when nothing is. */
export type CylinderDoing
  = | 'read'
    | 'connect'
    | 'joints'
    | 'pressure'
    | 'shut'
    | 'move'
    | 'tag-out'
    | 'release'
    | 'danger'
    | 'correct'
    | 'lying'
    | 'withdraw'
    | null

/** Sends one command about the cylinder of the page. */
export type DoCylinder = <Type extends keyof CylinderCommands>(type: Type, payload: CylinderCommands[Type]) => Promise<void>
