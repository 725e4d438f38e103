import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { CylinderGasId, ShieldingGasId } from '../ids/vocabulary'
import type { GasContent } from './gas'
import { partsOf } from './gas'
import type { GasNeedId } from '../ids/cylinder-ids'

/** Parts of a shielding or cutting gas: just these, whatever their shares. The label and the data sheet of the wire say the shares. */
const PARTS: Readonly<Record<Exclude<ShieldingGasId, 'none'>, readonly CylinderGasId[]>> = {
  'argon': ['argon'],
  'argon-co2': ['argon', 'carbon-dioxide'],
  'co2': ['carbon-dioxide'],
  'argon-oxygen': ['argon', 'oxygen'],
  'argon-helium': ['argon', 'helium'],
  'helium': ['helium'],
  'tri-mix': ['argon', 'carbon-dioxide', 'helium'],
  'nitrogen': ['nitrogen'],
  'oxygen': ['oxygen'],
  'air': ['air'],
  'argon-hydrogen': ['argon', 'hydrogen'],
}

/** One gas that a process draws, and which content gives it. */
export interface Draw { readonly need: GasNeedId, readonly gives: (gas: GasContent) => boolean }

const holdsJust = (gas: GasContent, parts: readonly CylinderGasId[]): boolean => {
  const held = partsOf(gas).map(part => part.gas)
  return held.length === parts.length && parts.every(part => held.includes(part))
}
const bySaidGas = ({ shieldingGas }: Job, need: GasNeedId): Draw => ({
  need,
  gives: gas => shieldingGas !== undefined && shieldingGas !== 'none' && holdsJust(gas, PARTS[shieldingGas]),
})
const OXYGEN: Draw = { need: 'oxygen', gives: gas => holdsJust(gas, ['oxygen']) }
/** The fuel that the job says, and no other: tips, hoses and pressures go with it. */
const fuelOf = ({ fuelGas }: Job): Draw => ({ need: 'fuel', gives: gas => fuelGas !== undefined && holdsJust(gas, [fuelGas]) })

/** Does the job draw nothing from cylinders: by its process, or because it runs on the shop's own air? */
export const drawsNothing = ({ process, shieldingGas }: Job): boolean =>
  !PROCESS_TRAITS[process].usesGas || (process === 'pac' && shieldingGas === 'none')

/** What a job draws. Brazing and soldering may burn in the air around: oxygen is asked only where it is connected. */
export function drawsOf(job: Job, connected: readonly GasContent[]): readonly Draw[] {
  if (drawsNothing(job)) return []
  if (job.process === 'pac') return [bySaidGas(job, 'cutting')]
  if (PROCESS_TRAITS[job.process].heat !== 'flame') return [bySaidGas(job, 'shielding')]
  const isWithoutOxygen = (job.process === 'tb' || job.process === 'ts') && !connected.some(OXYGEN.gives)
  return isWithoutOxygen ? [fuelOf(job)] : [OXYGEN, fuelOf(job)]
}

/** Is this gas one that the job draws? */
export const isGasFor = (job: Job, gas: GasContent): boolean => drawsOf(job, [gas]).some(draw => draw.gives(gas))
