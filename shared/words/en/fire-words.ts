import type { PermitPhase, StopCauseId } from '#core/ids/hotwork-ids'
import type { FireCheckId } from '#core/ids/station-ids'

/** Words of hot work that the board speaks too. */
export const fireWords = {
  phases: {
    requested: 'asked for',
    precautions: 'precautions',
    authorised: 'authorised',
    working: 'working',
    suspended: 'stopped',
    watch: 'fire watch',
    monitoring: 'monitoring',
    closed: 'closed',
    refused: 'refused',
    revoked: 'taken back',
    lapsed: 'lapsed',
  } satisfies Record<PermitPhase, string>,
  causes: {
    'stopped': 'somebody stopped it',
    'conditions-changed': 'something changed around it',
    'watch-left': 'the watch left',
    'wind': 'the wind',
    'gas': 'gas in the air',
    'fire-or-smoke': 'fire or smoke',
    'kit': 'something broke or is missing',
    'sprinklers': 'sprinklers are out',
    'weather-light': 'weather or light',
    'scope-changed': 'the job is another one now',
    'break': 'a break',
    'shift-change': 'change of shift',
    'round-overdue': 'a round was missed',
    'gas-retest-overdue': 'the air was not tested again',
    'lapsed': 'its time is over',
    'revoked': 'the permit was taken back',
    'arc-without-permit': 'an arc without a live permit',
  } satisfies Record<StopCauseId, string>,
  fireChecks: {
    'floor-swept': 'Floor swept',
    'nothing-burns-near': 'Nothing that burns within reach',
    'openings-shut': 'Doors, gaps and ducts shut',
    'curtains-whole': 'Curtains whole and drawn',
    'extinguisher-at-hand': 'Extinguisher and bucket at hand',
  } satisfies Record<FireCheckId, string>,
}
