/**
 * An id in lower-case words from what somebody typed: `Gate bays, east` is `gate-bays-east`.
 *
 * @param text any text; marks on letters are dropped, everything but letters and digits parts words
 * @param otherwise the id where nothing is left
 */
export const wordId = (text: string, otherwise: string): string =>
  text
    .slice(0, 200)
    .normalize('NFKD')
    .replaceAll(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .join('-')
    .slice(0, 40)
    .replace(/-$/, '') || otherwise
