/** `now` sorts before every day. */
export const asDate = (dueOn: string | null): string | null => (dueOn === 'now' ? '-infinity' : dueOn)
