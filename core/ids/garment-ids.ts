/** What somebody may have on, whatever it is made of. */
export const GARMENTS = [
  'bare-head', 'cap', 'hood',
  'ear-plugs', 'ear-muffs',
  'safety-glasses', 'flame-goggles', 'laser-eyewear',
  'welding-helmet', 'face-shield', 'laser-helmet',
  'collar', 'neck-cape',
  'respirator', 'supplied-air',
  'tig-gloves', 'welding-gloves', 'leather-work-gloves', 'mechanics-gloves', 'bare-hands',
  'sleeves', 'jacket', 'coverall', 'shirt', 't-shirt', 'base-layer', 'apron',
  'trousers', 'shorts', 'leggings',
  'boots', 'shoes',
  'pockets',
] as const
export type GarmentId = typeof GARMENTS[number]

export const MATERIALS = [
  'cotton', 'denim', 'wool', 'leather', 'flame-resistant', 'viscose', 'polyester', 'nylon', 'acrylic', 'polypropylene', 'elastane',
] as const
export type MaterialId = typeof MATERIALS[number]

/** What is wrong with a garment; a list that is there and empty says that somebody looked and found nothing. */
export const GARMENT_CONDITIONS = ['fray', 'hole', 'turned-up-cuff', 'open-pocket', 'oil', 'wet', 'cracked-shell'] as const
export type GarmentConditionId = typeof GARMENT_CONDITIONS[number]

/** What a garment is like, answered by yes or no. */
export const GARMENT_FACTS = [
  'hair-covered', 'hair-tied', 'impact-rated', 'side-shields', 'clear', 'closed', 'gauntlet-cuff', 'lined', 'long-sleeves', 'covers-lap',
  'full-length', 'above-ankle', 'laces-covered', 'leather-laces', 'safety-toe', 'no-lighter', 'no-jewellery',
] as const
export type GarmentFactId = typeof GARMENT_FACTS[number]

export const GARMENT_VERDICTS = ['pass', 'pass-with-caution', 'fail'] as const
export type GarmentVerdict = typeof GARMENT_VERDICTS[number]
