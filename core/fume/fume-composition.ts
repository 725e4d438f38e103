import type { Range } from '../range'
import type { SubstanceId } from '../ids/vocabulary'

/** Share of each substance in the fume, % by mass, as the element. */
export type Composition = Readonly<Partial<Record<SubstanceId, Range>>>

const between = (low: number, high: number): Range => ({ low, mid: (low + high) / 2, high })
/** Printed as "less than": anything up to it. */
const under = (high: number): Range => between(0, high)
/** Printed as "trace", or as absent beside elements that are there: taken up to a hundredth of a per cent. */
const TRACE = under(0.01)
const LITTLE = under(0.1)

/**
 * Composition of fume by family of consumable, from the general literature; ranges, not one study. Source: `fumeComposition`.
 * Copper: a coppered wire gives 0.2 to 1 %. A substance left out is not known to be there; it is not modelled, not zero.
 */
export const COMPOSITIONS = {
  'solid-steel': {
    'iron': between(50, 62),
    'manganese': between(4, 12),
    'chromium': LITTLE,
    'chromium-vi': TRACE,
    'nickel': LITTLE,
    'copper': between(0.2, 1),
  },
  'flux-core-gas': {
    'iron': between(25, 40),
    'manganese': between(6, 15),
    'chromium': LITTLE,
    'chromium-vi': TRACE,
    'nickel': LITTLE,
    'fluorides': between(0.5, 5),
  },
  'flux-core-self': {
    'iron': between(15, 40),
    'manganese': between(1, 12),
    'chromium': LITTLE,
    'chromium-vi': TRACE,
    'nickel': LITTLE,
    'fluorides': between(4, 15),
    'aluminium': between(2, 8),
  },
  'rutile-stick': { 'iron': between(20, 35), 'manganese': between(4, 8), 'chromium': LITTLE, 'chromium-vi': TRACE, 'nickel': LITTLE },
  'basic-stick': {
    'iron': between(12, 25),
    'manganese': between(3, 8),
    'chromium': LITTLE,
    'chromium-vi': TRACE,
    'nickel': LITTLE,
    'fluorides': between(10, 20),
  },
  'cellulosic-stick': { 'iron': between(40, 55), 'manganese': between(3, 6), 'chromium': LITTLE, 'chromium-vi': TRACE, 'nickel': LITTLE },
  'stainless-stick': {
    'iron': between(4, 10),
    'manganese': between(3, 8),
    'chromium': between(4, 8),
    'chromium-vi': between(2, 5),
    'nickel': between(0.3, 1.5),
    'fluorides': between(10, 20),
  },
  'stainless-wire': {
    'iron': between(25, 40),
    'manganese': between(4, 12),
    'chromium': between(10, 17),
    'chromium-vi': between(0.1, 0.6),
    'nickel': between(4, 8),
  },
  'stainless-tig': {
    'iron': between(20, 40),
    'manganese': between(3, 10),
    'chromium': between(5, 15),
    'chromium-vi': between(0.1, 2),
    'nickel': between(3, 8),
  },
  // Flux-cored stainless wire, nickel alloys and hardfacing as the literature has them; of little confidence.
  'stainless-flux-core': {
    'iron': between(12, 25),
    'manganese': between(5, 12),
    'chromium': between(6, 12),
    'chromium-vi': between(0.5, 4),
    'nickel': between(1, 3),
    'fluorides': between(2, 8),
  },
  // Between solid and flux-cored wire: the wider of both.
  'metal-cored': {
    'iron': between(25, 62),
    'manganese': between(4, 15),
    'chromium': LITTLE,
    'chromium-vi': TRACE,
    'nickel': LITTLE,
    'fluorides': under(1),
    'copper': under(1),
  },
  // As stainless wire, with the 22 % of chromium of a duplex for the 19 of the others.
  'duplex-wire': {
    'iron': between(25, 40),
    'manganese': between(4, 12),
    'chromium': between(11, 20),
    'chromium-vi': between(0.1, 0.7),
    'nickel': between(3, 8),
  },
  'nickel-chromium-wire': {
    'iron': between(1, 8),
    'manganese': between(0.5, 4),
    'chromium': between(9, 20),
    'chromium-vi': between(0.1, 1),
    'nickel': between(30, 50),
  },
  'nickel-copper-wire': {
    'iron': between(1, 4),
    'manganese': between(2, 8),
    'chromium': LITTLE,
    'nickel': between(20, 40),
    'copper': between(25, 40),
  },
  // Their printed rows know chromium, manganese and nickel; a basic covering keeps chromium hexavalent, and brings fluorides.
  'nickel-chromium-stick': {
    'nickel': between(2, 40),
    'chromium': between(3, 8),
    'chromium-vi': between(1, 5),
    'fluorides': between(10, 20),
  },
  'nickel-copper-stick': { nickel: between(4, 40), copper: between(4, 40), manganese: under(4), fluorides: between(10, 20) },
  'hardfacing-chromium': {
    'iron': between(20, 45),
    'manganese': between(2, 20),
    'chromium': between(5, 20),
    'chromium-vi': between(0.5, 4),
    'nickel': under(5),
    'fluorides': under(10),
  },
  'hardfacing-manganese': {
    'iron': between(30, 45),
    'manganese': between(20, 35),
    'chromium': under(4),
    'chromium-vi': between(0.2, 1),
    'nickel': under(5),
    'fluorides': between(2, 10),
  },
  // Steels with up to some per cent of chromium and nickel: as stainless at the high end, as plain steel at the low one.
  'low-alloy-steel': {
    'iron': between(40, 62),
    'manganese': between(4, 12),
    'chromium': under(10),
    'chromium-vi': under(0.6),
    'nickel': under(4),
    'copper': between(0.2, 1),
  },
  'aluminium-silicon': { aluminium: between(48, 52) },
  'aluminium-magnesium': { aluminium: between(38, 48), manganese: between(0.1, 1) },
  'nickel-stick': { manganese: under(0.4), nickel: between(25, 75) },
  'gouging': {
    'iron': between(50, 62),
    'manganese': between(4, 12),
    'chromium': LITTLE,
    'chromium-vi': TRACE,
    'nickel': LITTLE,
    'copper': between(1, 10),
  },
  'brass-rod': { zinc: between(20, 80), copper: between(0.5, 5) },
  'tin-solder': {},
} as const satisfies Record<string, Composition>

export type FumeFamily = keyof typeof COMPOSITIONS
