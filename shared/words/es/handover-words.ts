import type { handoverChecks as English } from '../en/handover-words'

/** How a bay is left. */
export const handoverChecks: typeof English = {
  'bench-ground': 'Mesa esmerilada al ras',
  'stubs-binned': 'Colillas en el bote de chatarra',
  'leads-coiled': 'Cables en rollos grandes',
  'machine-off': 'Máquina desenchufada y afuera',
  'gas-shut': 'Gas cerrado, líneas vacías',
  'floor-swept': 'Piso barrido',
}
