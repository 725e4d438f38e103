/** What somebody may do. `own` narrows a right to the person's own bay or area. */
export const RIGHTS = [
  'see-floor', 'stop', 'reopen', 'set-jobs', 'door-checks', 'place-people', 'change-house-rules', 'manage-people', 'set-up-site',
  'read-records', 'describe-air', 'record-samples', 'health-fields', 'inspect', 'work-gas', 'use-gas', 'assign-kit', 'keep-store',
  'release', 'hand-over', 'request-permit', 'work-permit', 'stand-watch', 'authorise-permit', 'reopen-permit',
] as const
export type RightId = typeof RIGHTS[number]
