/** What a plan of a class has to keep: limits of the air, what there is of a thing at once, and who may weld where. */
export const CLASS_RULES = ['air', 'at-once', 'bays'] as const
export type ClassRule = typeof CLASS_RULES[number]
