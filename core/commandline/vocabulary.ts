import type {
  BaseMetalId,
  CoatingId,
  ConfinementId,
  FuelGasId,
  PositionId,
  ProcessId,
  ShieldingGasId,
} from '../ids/vocabulary'

/** What one word of a typed line may say. */
export type Meaning
  = | { readonly is: 'process', readonly id: ProcessId }
  /** A word that names a process only where nothing else does: a rod is in every hand. */
    | { readonly is: 'hint', readonly ids: readonly ProcessId[] }
    | { readonly is: 'flame' | 'cut' | 'weld' | 'stripped' | 'nothing' }
  /** What a length beside it is of. */
    | { readonly is: 'of', readonly field: 'electrodeDiameterMm' | 'plateThicknessMm', readonly hint: readonly ProcessId[] }
    | { readonly is: 'fuelGas', readonly id: FuelGasId }
    | { readonly is: 'baseMetal', readonly id: BaseMetalId }
    | { readonly is: 'coating', readonly id: CoatingId }
    | { readonly is: 'shieldingGas', readonly id: ShieldingGasId }
    | { readonly is: 'position', readonly id: PositionId }
    | { readonly is: 'confinement', readonly id: ConfinementId }

const meanings = new Map<string, Meaning>()
const mean = (meaning: Meaning, words: string) => {
  for (const word of words.split(' ')) meanings.set(word, meaning)
}

mean({ is: 'process', id: 'gmaw' }, 'mig mag gmaw migmag')
mean({ is: 'process', id: 'gtaw' }, 'tig gtaw heliarc')
mean({ is: 'process', id: 'smaw' }, 'stick smaw mma')
mean({ is: 'process', id: 'fcaw-g' }, 'fcaw-g')
mean({ is: 'hint', ids: ['fcaw-g', 'fcaw-s'] }, 'flux fluxcore fluxcored fcaw cored')
mean({ is: 'process', id: 'fcaw-s' }, 'gasless selfshielded fcaw-s self')
mean({ is: 'process', id: 'pac' }, 'pac plasmacut')
mean({ is: 'hint', ids: ['pac', 'paw'] }, 'plasma')
mean({ is: 'process', id: 'paw' }, 'paw plasmaweld microplasma')
mean({ is: 'process', id: 'cac-a' }, 'gouge gouging air-arc airarc cac-a cac')
mean({ is: 'process', id: 'caw' }, 'carbon-arc caw')
mean({ is: 'process', id: 'saw' }, 'subarc sub-arc submerged saw')
mean({ is: 'process', id: 'ofw' }, 'ofw gasweld')
mean({ is: 'flame' }, 'oxy oxyfuel flame torch')
mean({ is: 'hint', ids: ['ofw', 'ofc'] }, 'gas')
mean({ is: 'process', id: 'ofc' }, 'gascut burn burning torchcut ofc')
mean({ is: 'cut' }, 'cut cutting cuts')
mean({ is: 'weld' }, 'weld welding welds')
mean({ is: 'hint', ids: ['smaw'] }, 'arc')
mean({ is: 'nothing' }, 'visible process with and on the at of amps')
mean({ is: 'of', field: 'electrodeDiameterMm', hint: ['smaw'] }, 'rod rods electrode electrodes')
mean({ is: 'of', field: 'electrodeDiameterMm', hint: ['gmaw', 'fcaw-g', 'fcaw-s'] }, 'wire')
mean({ is: 'of', field: 'electrodeDiameterMm', hint: ['gtaw'] }, 'tungsten')
mean({ is: 'of', field: 'plateThicknessMm', hint: [] }, 'plate sheet thick thickness')
mean({ is: 'fuelGas', id: 'acetylene' }, 'acetylene')
mean({ is: 'fuelGas', id: 'propane' }, 'propane')
mean({ is: 'fuelGas', id: 'propylene' }, 'propylene')
mean({ is: 'fuelGas', id: 'natural-gas' }, 'methane')
mean({ is: 'fuelGas', id: 'hydrogen' }, 'hydrogen')
mean({ is: 'process', id: 'tb' }, 'braze brazing tb')
mean({ is: 'process', id: 'ts' }, 'solder soldering ts')
mean({ is: 'process', id: 'grinding' }, 'grind grinding grinder')
mean({ is: 'process', id: 'lbw' }, 'laser lbw')
mean({ is: 'baseMetal', id: 'mild-steel' }, 'steel mild mildsteel ms')
mean({ is: 'baseMetal', id: 'low-alloy-steel' }, 'lowalloy low-alloy chromoly')
mean({ is: 'baseMetal', id: 'stainless-steel' }, 'stainless ss inox')
mean({ is: 'baseMetal', id: 'cast-iron' }, 'cast castiron cast-iron')
mean({ is: 'baseMetal', id: 'aluminium' }, 'aluminium aluminum alu ali al')
mean({ is: 'baseMetal', id: 'magnesium' }, 'magnesium')
mean({ is: 'baseMetal', id: 'copper' }, 'copper cu')
mean({ is: 'baseMetal', id: 'brass' }, 'brass')
mean({ is: 'baseMetal', id: 'bronze' }, 'bronze')
mean({ is: 'baseMetal', id: 'beryllium-copper' }, 'becu beryllium berylliumcopper beryllium-copper')
mean({ is: 'baseMetal', id: 'nickel-alloy' }, 'nickel monel')
mean({ is: 'baseMetal', id: 'titanium' }, 'titanium ti')
mean({ is: 'coating', id: 'zinc' }, 'galvanised galvanized galv galvo zinc hdg')
mean({ is: 'coating', id: 'zinc-strip' }, 'galvsheet sheet-galvanised sheet-galvanized g60 g90 z275')
mean({ is: 'coating', id: 'zinc-primer' }, 'zincprimer zinc-primer zincrich zinc-rich')
mean({ is: 'coating', id: 'paint' }, 'painted paint')
mean({ is: 'coating', id: 'lead-paint' }, 'leadpaint lead-paint')
mean({ is: 'coating', id: 'primer' }, 'primer primed')
mean({ is: 'coating', id: 'cadmium' }, 'cadmium cad')
mean({ is: 'coating', id: 'chromium-plated' }, 'chrome chromed')
mean({ is: 'coating', id: 'yellow-passivate' }, 'yellow passivated yellowish')
mean({ is: 'coating', id: 'oil' }, 'oily oiled oil')
mean({ is: 'coating', id: 'none' }, 'bare clean uncoated')
mean({ is: 'coating', id: 'unknown' }, 'unknown')
mean({ is: 'stripped' }, 'stripped')
mean({ is: 'shieldingGas', id: 'argon' }, 'argon')
mean({ is: 'shieldingGas', id: 'co2' }, 'co2')
mean({ is: 'shieldingGas', id: 'argon-co2' }, 'mix argonmix')
mean({ is: 'shieldingGas', id: 'helium' }, 'helium')
mean({ is: 'position', id: 'flat' }, 'flat')
mean({ is: 'position', id: 'horizontal' }, 'horizontal')
mean({ is: 'position', id: 'vertical' }, 'vertical uphill downhill')
mean({ is: 'position', id: 'overhead' }, 'overhead oh')
mean({ is: 'confinement', id: 'confined' }, 'confined tank')
mean({ is: 'confinement', id: 'restricted' }, 'tight cramped')
mean({ is: 'confinement', id: 'against-wall' }, 'wall')

/** Short words of Spanish stand one slip from words and names of English: they are taken as written only. */
const AS_WRITTEN_UNDER = 6
const asWritten = new Set<string>()
const meanInSpanish = (meaning: Meaning, words: string) => {
  mean(meaning, words)
  for (const word of words.split(' ')) if (word.length < AS_WRITTEN_UNDER) asWritten.add(word)
}
// The same in Spanish, as it is typed without its accents.
meanInSpanish({ is: 'hint', ids: ['fcaw-g', 'fcaw-s'] }, 'tubular')
meanInSpanish({ is: 'process', id: 'fcaw-s' }, 'autoprotegido')
meanInSpanish({ is: 'process', id: 'cac-a' }, 'ranurar ranurado')
meanInSpanish({ is: 'process', id: 'saw' }, 'sumergido')
meanInSpanish({ is: 'process', id: 'ofc' }, 'oxicorte')
meanInSpanish({ is: 'flame' }, 'llama soplete oxicombustible')
meanInSpanish({ is: 'cut' }, 'corte cortar')
meanInSpanish({ is: 'weld' }, 'soldar soldadura')
meanInSpanish({ is: 'hint', ids: ['smaw'] }, 'arco')
meanInSpanish({ is: 'nothing' }, 'visible con y en el la de del a amperes amperios')
meanInSpanish({ is: 'of', field: 'electrodeDiameterMm', hint: ['smaw'] }, 'varilla varillas electrodo electrodos')
meanInSpanish({ is: 'of', field: 'electrodeDiameterMm', hint: ['gmaw', 'fcaw-g', 'fcaw-s'] }, 'alambre')
meanInSpanish({ is: 'of', field: 'electrodeDiameterMm', hint: ['gtaw'] }, 'tungsteno')
meanInSpanish({ is: 'of', field: 'plateThicknessMm', hint: [] }, 'placa lamina espesor')
meanInSpanish({ is: 'fuelGas', id: 'acetylene' }, 'acetileno')
meanInSpanish({ is: 'fuelGas', id: 'propane' }, 'propano')
meanInSpanish({ is: 'fuelGas', id: 'propylene' }, 'propileno')
meanInSpanish({ is: 'fuelGas', id: 'natural-gas' }, 'metano')
meanInSpanish({ is: 'fuelGas', id: 'hydrogen' }, 'hidrogeno')
meanInSpanish({ is: 'process', id: 'grinding' }, 'esmerilar esmerilado esmeril')
meanInSpanish({ is: 'baseMetal', id: 'mild-steel' }, 'acero')
meanInSpanish({ is: 'baseMetal', id: 'stainless-steel' }, 'inoxidable')
meanInSpanish({ is: 'baseMetal', id: 'cast-iron' }, 'fundido fundicion')
meanInSpanish({ is: 'baseMetal', id: 'aluminium' }, 'aluminio')
meanInSpanish({ is: 'baseMetal', id: 'magnesium' }, 'magnesio')
meanInSpanish({ is: 'baseMetal', id: 'copper' }, 'cobre')
meanInSpanish({ is: 'baseMetal', id: 'brass' }, 'laton')
meanInSpanish({ is: 'baseMetal', id: 'bronze' }, 'bronce')
meanInSpanish({ is: 'baseMetal', id: 'beryllium-copper' }, 'berilio cobreberilio')
meanInSpanish({ is: 'baseMetal', id: 'nickel-alloy' }, 'niquel')
meanInSpanish({ is: 'baseMetal', id: 'titanium' }, 'titanio')
meanInSpanish({ is: 'coating', id: 'zinc' }, 'galvanizado galvanizada zincado')
meanInSpanish({ is: 'coating', id: 'paint' }, 'pintado pintada pintura')
meanInSpanish({ is: 'coating', id: 'primer' }, 'primario')
meanInSpanish({ is: 'coating', id: 'cadmium' }, 'cadmio cadmiado')
meanInSpanish({ is: 'coating', id: 'chromium-plated' }, 'cromado')
meanInSpanish({ is: 'coating', id: 'yellow-passivate' }, 'amarillo amarillento')
meanInSpanish({ is: 'coating', id: 'oil' }, 'aceite aceitado')
meanInSpanish({ is: 'coating', id: 'none' }, 'limpio limpia')
meanInSpanish({ is: 'coating', id: 'unknown' }, 'desconocido')
meanInSpanish({ is: 'stripped' }, 'descubierto')
meanInSpanish({ is: 'shieldingGas', id: 'argon-co2' }, 'mezcla')
meanInSpanish({ is: 'shieldingGas', id: 'helium' }, 'helio')
meanInSpanish({ is: 'position', id: 'flat' }, 'plana plano')
meanInSpanish({ is: 'position', id: 'overhead' }, 'sobrecabeza')
meanInSpanish({ is: 'confinement', id: 'confined' }, 'confinado tanque')
meanInSpanish({ is: 'confinement', id: 'restricted' }, 'estrecho')
meanInSpanish({ is: 'confinement', id: 'against-wall' }, 'pared')

/** Two words that together say something else than each alone. The second may go on. */
export const PAIRS: readonly (readonly [string, string, string])[] = [
  ['plasma', 'weld', 'paw'],
  ['plasma', 'cut', 'pac'],
  ['flux', 'core', 'fluxcore'],
  ['air', 'arc', 'gouge'],
  ['carbon', 'arc', 'caw'],
  ['cast', 'iron', 'cast'],
  ['lead', 'paint', 'leadpaint'],
  ['low', 'alloy', 'lowalloy'],
  ['self', 'shielded', 'self'],
  ['mild', 'steel', 'mildsteel'],
  ['stainless', 'steel', 'stainless'],
  ['natural', 'gas', 'methane'],
  ['sub', 'arc', 'subarc'],
  ['against', 'wall', 'wall'],
  ['sobre', 'cabeza', 'sobrecabeza'],
  ['acero', 'inoxidable', 'inoxidable'],
  ['acero', 'dulce', 'mildsteel'],
  ['hierro', 'fundido', 'fundido'],
  ['soldadura', 'fuerte', 'braze'],
  ['soldadura', 'blanda', 'solder'],
  ['arco', 'sumergido', 'sumergido'],
  ['espacio', 'confinado', 'confinado'],
  ['contra', 'pared', 'wall'],
]

/** Words shorter than this are taken as written: too much is one letter away from them. */
const FORGIVEN_FROM = 5

/** Are two words one slip apart: a letter more, a letter less, another letter, or two swapped? */
export function oneSlipApart(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false
  let start = 0
  while (start < a.length && start < b.length && a[start] === b[start]) start++
  let [endA, endB] = [a.length, b.length]
  while (endA > start && endB > start && a[endA - 1] === b[endB - 1]) [endA, endB] = [endA - 1, endB - 1]
  const [restA, restB] = [a.slice(start, endA), b.slice(start, endB)]
  return (
    (restA.length <= 1 && restB.length <= 1)
    || (restA.length === 2 && restB.length === 2 && restA[0] === restB[1] && restA[1] === restB[0])
  )
}

/** What a word says, misspelt by one slip at most where only one meaning is near; undefined where it says nothing here. */
export function meaningOf(word: string): Meaning | undefined {
  const exact = meanings.get(word)
  if (exact || word.length < FORGIVEN_FROM) return exact
  const close = [...meanings].filter(
    ([known]) =>
      known.length >= FORGIVEN_FROM && !asWritten.has(known) && (known.startsWith(word) || oneSlipApart(word, known)),
  )
  const ids = new Set(close.map(([, meaning]) => JSON.stringify(meaning)))
  return ids.size === 1 ? close[0]![1] : undefined
}
