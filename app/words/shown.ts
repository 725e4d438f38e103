/** What a sentence may hold besides its words: a number, a name, a quantity with its unit, or other words. */
export type Shown = string | number
