import type { fireWords as English } from '../en/fire-words'

/** Words of hot work that the board speaks too. */
export const fireWords: typeof English = {
  phases: {
    requested: 'pedido',
    precautions: 'precauciones',
    authorised: 'autorizado',
    working: 'trabajando',
    suspended: 'detenido',
    watch: 'vigilancia',
    monitoring: 'monitoreo',
    closed: 'cerrado',
    refused: 'negado',
    revoked: 'retirado',
    lapsed: 'vencido',
  },
  causes: {
    'stopped': 'alguien lo detuvo',
    'conditions-changed': 'algo cambió alrededor',
    'watch-left': 'se fue el vigía',
    'wind': 'el viento',
    'gas': 'gas en el aire',
    'fire-or-smoke': 'fuego o humo',
    'kit': 'algo se rompió o falta',
    'sprinklers': 'los rociadores están fuera de servicio',
    'weather-light': 'el clima o la luz',
    'scope-changed': 'el trabajo ya es otro',
    'break': 'un descanso',
    'shift-change': 'cambio de turno',
    'round-overdue': 'faltó una ronda',
    'gas-retest-overdue': 'no se volvió a probar el aire',
    'lapsed': 'se acabó su tiempo',
    'revoked': 'se retiró el permiso',
    'arc-without-permit': 'un arco sin permiso vigente',
  },
  fireChecks: {
    'floor-swept': 'Piso barrido',
    'nothing-burns-near': 'Nada que arda al alcance',
    'openings-shut': 'Puertas, huecos y ductos cerrados',
    'curtains-whole': 'Cortinas enteras y corridas',
    'extinguisher-at-hand': 'Extintor y cubeta a la mano',
  },
}
