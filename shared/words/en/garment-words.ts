import type { GarmentConditionId, GarmentFactId, GarmentId, GarmentVerdict, MaterialId } from '#core/ids/garment-ids'

const garments: Record<GarmentId, string> = {
  'bare-head': 'bare head',
  'cap': 'cap',
  'hood': 'hood',
  'ear-plugs': 'ear plugs',
  'ear-muffs': 'ear muffs',
  'safety-glasses': 'safety glasses',
  'flame-goggles': 'goggles for a flame',
  'laser-eyewear': 'laser eyewear',
  'welding-helmet': 'welding helmet',
  'face-shield': 'face shield',
  'laser-helmet': 'laser helmet',
  'collar': 'collar',
  'neck-cape': 'neck cape',
  'respirator': 'respirator',
  'supplied-air': 'supplied air',
  'tig-gloves': 'thin TIG gloves',
  'welding-gloves': 'welding gloves',
  'leather-work-gloves': 'leather work gloves',
  'mechanics-gloves': 'mechanic\'s gloves',
  'sleeves': 'sleeves',
  'jacket': 'jacket',
  'coverall': 'coverall',
  'shirt': 'shirt',
  't-shirt': 'T-shirt',
  'base-layer': 'layer underneath',
  'apron': 'apron',
  'trousers': 'trousers',
  'shorts': 'shorts',
  'leggings': 'leather leggings',
  'boots': 'boots',
  'shoes': 'low shoes',
  'pockets': 'pockets',
}
const materials: Record<MaterialId, string> = {
  'cotton': 'cotton',
  'denim': 'denim',
  'wool': 'wool',
  'leather': 'leather',
  'flame-resistant': 'flame-resistant cloth',
  'viscose': 'viscose',
  'polyester': 'polyester',
  'nylon': 'nylon',
  'acrylic': 'acrylic',
  'polypropylene': 'polypropylene',
  'elastane': 'elastane',
}
/** What is wrong, and what mends it. */
const conditions: Record<GarmentConditionId, readonly [what: string, mend: string]> = {
  'fray': ['frayed', 'Cut the fray off, or take another.'],
  'hole': ['holed', 'Mend it, or take another.'],
  'turned-up-cuff': ['turned up at the edge', 'Roll it down.'],
  'open-pocket': ['open at a pocket', 'Close the pocket, or tape it shut.'],
  'oil': ['oily', 'Change it.'],
  'wet': ['wet', 'Change it: wet cloth carries current.'],
  'cracked-shell': ['cracked', 'Take another.'],
}
/** What it is when it is so, and what to do when it is not. */
const facts: Record<GarmentFactId, readonly [what: string, mend: string]> = {
  'hair-covered': ['all hair covered', 'Tuck the hair in.'],
  'hair-tied': ['hair tied back', 'Tie it back.'],
  'impact-rated': ['rated for impact', 'Take rated ones.'],
  'side-shields': ['side shields on', 'Take a pair with side shields.'],
  'clear': ['clear', 'Take clear ones.'],
  'closed': ['closed', 'Close it.'],
  'gauntlet-cuff': ['cuffs over the wrist', 'Take gloves with gauntlet cuffs.'],
  'lined': ['lined', 'Take lined ones.'],
  'long-sleeves': ['sleeves down to the wrist', 'Roll the sleeves down, or take sleeves.'],
  'covers-lap': ['long enough for the lap', 'Take an apron.'],
  'full-length': ['down to the boots', 'Wear long ones outside the boots.'],
  'above-ankle': ['over the ankle', 'Wear boots.'],
  'laces-covered': ['laces covered', 'Cover the laces.'],
  'leather-laces': ['laces of leather', 'Take leather laces.'],
  'safety-toe': ['safety toe', 'Wear boots with a safety toe.'],
  'no-lighter': ['no lighter or matches', 'Leave them outside.'],
  'no-jewellery': ['no jewellery', 'Take it off.'],
}
const verdicts: Record<GarmentVerdict, string> = {
  'pass': 'passes',
  'pass-with-caution': 'passes with a caution',
  'fail': 'does not pass',
}

export const garmentWords = { garments, materials, conditions, facts, verdicts }
export type GarmentWords = typeof garmentWords
