/** What a card reminds of, for the work at hand. */
export const REMINDERS = [
  'beam-needs-eyewear', 'tank-cleaned-and-tested', 'coating-off-first', 'purge-before-lighting', 'sparks-from-above', 'ears-in',
  'stubs-and-slag-are-hot', 'glasses-while-chipping', 'gloves-dry', 'head-out-of-the-plume', 'guard-and-stance', 'gas-shut-when-leaving',
  'screen-closed', 'tungsten-not-by-hand', 'look-round-for-fire', 'rest-from-heat',
] as const
export type ReminderId = typeof REMINDERS[number]
