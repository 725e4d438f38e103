import type { HandoverCheckId } from '#core/ids/station-ids'

/** How a bay is left. */
export const handoverChecks: Record<HandoverCheckId, string> = {
  'bench-ground': 'Bench ground flush',
  'stubs-binned': 'Stubs in the scrap bin',
  'leads-coiled': 'Leads in big loops',
  'machine-off': 'Machine unplugged, pulled out',
  'gas-shut': 'Gas shut, lines empty',
  'floor-swept': 'Floor swept',
}
