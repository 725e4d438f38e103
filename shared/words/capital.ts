/** A sentence begins with a capital, whatever its first word is elsewhere. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
