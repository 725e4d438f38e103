/** What a zone of the body must wear. The words live in the message catalogue. */
export const REQUIREMENTS = [
  'cap-hair-covered', 'flame-resistant-hood', 'bare-head-hair-tied',
  'ear-plugs-sparks', 'hearing-protection', 'hearing-protection-rated', 'hearing-protection-two',
  'clear-rated-glasses', 'flame-goggles', 'laser-eyewear',
  'welding-helmet', 'face-shield', 'laser-helmet',
  'collar-closed', 'neck-leather',
  'fume-see-air-gate', 'supplied-air-to-be-judged',
  'thin-dexterous-gauntlet', 'lined-gauntlet', 'leather-work-gloves',
  'fr-sleeves', 'leather-sleeves',
  'cotton-or-fr-jacket', 'fr-jacket', 'leather-jacket',
  'leather-apron', 'lap-covered-by-jacket',
  'long-trousers-no-cuffs', 'fr-trousers', 'leather-leggings',
  'leather-boots-covered-laces',
  'pockets-closed-no-lighter',
] as const
export type RequirementId = typeof REQUIREMENTS[number]

/** Why a zone needs what it needs. */
export const OUTFIT_REASONS = [
  'arc-radiation', 'reflected-arc', 'light-spatter', 'heavy-spatter', 'falling-sparks', 'dexterity', 'flame-light', 'grinding-fragments',
  'noise', 'noise-of-neighbours', 'coating-fume', 'confined-air', 'slag-pops', 'synthetics-melt', 'laser-beam', 'hot-metal',
  'every-arc-makes-fume', 'sparks-catch',
] as const
export type OutfitReason = typeof OUTFIT_REASONS[number]
