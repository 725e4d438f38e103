// Text that a person can read and the database can keep. PostgreSQL refuses NUL, UTF-8 has no half of a surrogate pair, and a
// control character in a record is seen by nobody: none of them gets further than the door, whatever field it stands in.

/** Controls but tab, line feed and carriage return. */
// eslint-disable-next-line no-control-regex
const CONTROL = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F-\u009F]/

/** Marks that nobody sees, and those that turn the direction of what follows: two names that look the same would be two. */
const UNSEEN = /[\u00AD\u200B-\u200F\u2028-\u202E\u2060-\u206F\uFEFF]/

/** Values within values, deeper than anything of ours. */
const MAX_DEPTH = 40

/** What is wrong with a text, for whoever typed it; null for one that can be kept. */
export function illFormed(text: string): string | null {
  const control = CONTROL.exec(text)
  if (control) {
    const code = control[0].codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')
    return `holds a character that cannot be kept (U+${code}): type it again without`
  }
  return /\p{Surrogate}/u.test(text) ? 'holds half a character: type it again' : null
}

/** Whether a name holds marks that nobody sees. */
export const hasUnseen = (text: string): boolean => UNSEEN.test(text)

/** A field that cannot be kept, by its path as people write it: `payload.reason`. */
export interface IllField {
  readonly path: string
  readonly message: string
}

/**
 * The first text within a value, or name of a field, that cannot be kept; null when all can.
 *
 * @param value as read from JSON or a query: strings, numbers, lists and records
 */
export function firstIllFormed(value: unknown, path = '', depth = 0): IllField | null {
  if (typeof value === 'string') {
    const message = illFormed(value)
    return message === null ? null : { path: path || '(body)', message }
  }
  if (value === null || typeof value !== 'object') return null
  if (depth >= MAX_DEPTH) return { path: path || '(body)', message: `holds more than ${MAX_DEPTH} levels` }
  for (const [key, within] of Object.entries(value)) {
    if (illFormed(key) !== null) return { path: path || '(body)', message: 'the name of a field holds a character that cannot be kept' }
    const found = firstIllFormed(within, path ? `${path}.${key}` : key, depth + 1)
    if (found) return found
  }
  return null
}
