/** The fields of a job that can be known, unknown or assumed. */
export const JOB_FIELDS = [
  'currentA', 'currentRangeA', 'consumable', 'electrodeDiameterMm', 'plateThicknessMm', 'wireFeedMPerMin', 'travelSpeedMPerMin',
  'acetyleneFlowLPerH', 'oxygenFlowLPerH', 'gasFlowLPerMin', 'fuelGas', 'tip', 'transfer', 'kerfWidthMm', 'waterTable', 'baseMetal',
  'coating', 'coatingStripped',
  'strippedWidthMm', 'shieldingGas', 'position', 'confinement', 'head', 'startsAt', 'endsAt', 'arcMinPerH', 'residue', 'container',
] as const
export type JobField = typeof JOB_FIELDS[number]
