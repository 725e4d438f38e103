/** What somebody is seen to have on, as one looks: a thing by its kind and cloth. Kept for ever once used: the log names them. */
export const WEARABLES = [
  'cap-cotton', 'hood-treated', 'bare-tied', 'bare-loose',
  'plugs', 'muffs', 'plugs-and-muffs',
  'glasses-clear', 'glasses-tinted', 'glasses-own', 'goggles-flame', 'eyewear-laser',
  'helmet', 'face-shield', 'helmet-laser',
  'collar-closed', 'collar-open', 'cape-treated', 'cape-leather',
  'mask', 'air-line',
  'gloves-thin', 'gloves-lined', 'gloves-work', 'gloves-mechanics', 'bare-hands',
  'sleeves-leather', 'sleeves-treated', 'sleeves-rolled-up',
  'jacket-cotton', 'jacket-treated', 'jacket-leather', 'coverall-cotton', 'coverall-treated', 'shirt-cotton', 'top-synthetic', 't-shirt',
  'under-cotton', 'under-synthetic',
  'apron-leather', 'lap-by-jacket', 'lap-bare',
  'jeans', 'trousers-cotton', 'trousers-treated', 'leggings-leather', 'trousers-synthetic', 'shorts',
  'boots-covered', 'boots-toe', 'boots-open', 'shoes-leather', 'trainers',
  'pockets-empty', 'pockets-full',
] as const
export type WearableId = typeof WEARABLES[number]

/** Where somebody has a size of their own, as clothes are sold: over hair, chest, hands, legs and feet. */
export const SIZED = ['head', 'body', 'hands', 'legs', 'feet'] as const
export type SizedId = typeof SIZED[number]
