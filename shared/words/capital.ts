/** A sentence begins with a capital, whatever its first word is elsewhere. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
/** The same words within a sentence. */
export const small = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
