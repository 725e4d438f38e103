/** What happened to a thing that makes it due at once, whatever the calendar says. */
export const ITEM_EVENTS = ['dropped', 'flooded', 'repaired', 'flashback', 'overheated', 'moved'] as const
export type ItemEventId = typeof ITEM_EVENTS[number]
