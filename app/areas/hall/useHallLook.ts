import { hallIdOf } from '#core/air/air-facts'
import type { BayInHall, UseAtBay } from '#core/air/hall-field'
import type { WhatIf } from '#core/air/what-if'
import type { SubstanceId } from '#core/ids/vocabulary'
import { timeOfDay } from '#core/job/day-work'
import type { Range } from '#core/range'
import { tintOf } from '~/areas/air/temper'
import type { Tint } from '~/areas/air/temper'
import { hallPages } from '~/words/hall'
import { useHallField } from './useHallField'

const says = hallPages.page

/** How a bay stands at the look that is shown: of a glance what it says, of the whole field the rest. */
export interface SeenBay extends BayInHall {
  /** What floats round its arc then. */
  readonly shown: Range | null
  readonly tint: Tint | null
}

/** A bay as it is drawn. */
export interface DrawnBay {
  readonly bayId: string
  readonly label: string
  readonly xM: number
  readonly yM: number
  /** What floats round its arc; null where nothing can be said or nothing burns. */
  readonly near: { readonly tint: Tint | null, readonly said: string } | null
  /** Its arcs are not counted: what is round them would be. */
  readonly isCounted: boolean
  /** Where its hood is; null where it has none, or nobody placed it. */
  readonly hood: { readonly distanceM: number, readonly towardsDeg: number, readonly isAbove: boolean, readonly widthM: number } | null
  /** Of the fume that is breathed at the bay that is chosen, its share; null where it has none. */
  readonly share: { readonly part: number, readonly said: string } | null
}

/** The side of the arc on which a hood is drawn where nobody said, degrees: away from whoever looks at the plan. */
const USUAL_SIDE_DEG = 270

/** One hall as it is looked at: at which minute, for which substance, with which hoods tried elsewhere, and at which bay. */
export function useHallLook(hallId: () => string) {
  const facts = useFacts()
  const judged = useJudged()
  const q = useQuantities()
  const state = computed(() => facts.reading?.air.halls[hallId()] ?? null)
  const placed = computed(() => judged.placed.filter(({ bay }) => hallIdOf(facts.site, bay.bayId) === hallId()))

  const chosen = ref<string | null>(null)
  const tried = shallowRef<Readonly<Record<string, WhatIf>>>({})
  /** Sides on which hoods are tried: only how they are drawn. */
  const turned = shallowRef<Readonly<Record<string, number>>>({})
  const substance = ref<SubstanceId | undefined>()
  /** Which look is shown; null: the worst. */
  const look = ref<number | null>(null)

  const { field, glance, isKnown, isFailed } = useHallField(
    () => judged.standing,
    () => ({ hallId: hallId(), tried: tried.value, substance: substance.value }),
    () => field.value && chosen.value !== null
      ? {
          bayId: chosen.value,
          substance: field.value.substance,
          atMin: field.value.atMin[at.value]!,
          counted: field.value.bays.filter(({ isCounted }) => isCounted).map(({ bayId }) => bayId),
        }
      : null,
  )
  /** A day that became shorter has no such look any more. */
  const at = computed(() => Math.min(look.value ?? field.value?.worst ?? 0, (field.value?.atMin.length ?? 1) - 1))
  const timeAt = (index: number): string => field.value ? timeOfDay(field.value.atMin[index]!, facts.rules.shopDayHour) : ''

  const tint = ({ high }: Range): Tint | null =>
    field.value?.limit ? tintOf(high / field.value.limit.mgPerM3, facts.rules.actionFraction) : null
  /** A glance speaks for the minute and the substance that it was asked for, and for no other. */
  const newest = computed(() =>
    glance.value && glance.value.substance === field.value?.substance && glance.value.lookMin === field.value.atMin[at.value]
      ? glance.value
      : null)
  const seen = computed<ReadonlyMap<string, SeenBay>>(() => new Map((field.value?.bays ?? []).map((bay, spot) => {
    const newer = newest.value?.bays[spot]
    const shown = (newer ? newer.near?.[0] : bay.near?.[at.value]) ?? null
    return [bay.bayId, { ...bay, ...newer, use: newer?.use ?? bay.use, shown, tint: shown && tint(shown) }]
  })))
  /** What is used as everything stands, kept from before anything was tried. */
  const asItIs = shallowRef<ReadonlyMap<string, number | null>>(new Map())
  watch(field, (now) => {
    if (now && Object.keys(tried.value).length === 0)
      asItIs.value = new Map(now.bays.map(({ bayId, use }) => [bayId, use?.fraction ?? null]))
  })
  const use = computed<UseAtBay | undefined>(() => chosen.value === null ? undefined : seen.value.get(chosen.value)?.use)
  const far = computed(() => {
    const held = newest.value ? newest.value.hall.map(part => part[0]!) : field.value?.hall.map(part => part[at.value]!)
    if (!held || state.value?.air?.isOpenAir) return null
    // Beside each other there is no room for more than the number that counts.
    const said = ({ mid, high }: Range): string => held.length === 1
      ? says.inTheHall(q.value.concentration(mid), q.value.concentration(high))
      : q.value.concentration(high)
    return held.map(part => ({ tint: tint(part), said: said(part) }))
  })
  const towardsOf = (bayId: string): number => turned.value[bayId] ?? state.value?.plan?.hoodsTowardsDeg[bayId] ?? USUAL_SIDE_DEG

  const bays = computed<readonly DrawnBay[]>(() => placed.value.flatMap(({ bay: { bayId, label }, station }): DrawnBay[] => {
    const fitted = state.value?.bays[bayId]
    if (!fitted) return []
    const { xM, yM, extraction } = fitted
    const here = seen.value.get(bayId)
    const distanceM = tried.value[bayId]?.distanceM ?? here?.distanceM ?? station.hoodPosition?.distanceM ?? null
    const share = use.value?.from.find(one => one.bayId === bayId)?.share
    return [{
      bayId,
      label,
      xM,
      yM,
      near: here?.shown
        ? { tint: here.tint, said: q.value.concentration(here.shown.high) }
        : station.job && field.value ? { tint: null, said: says.notKnown } : null,
      isCounted: here?.isCounted ?? false,
      hood: extraction && distanceM !== null
        ? {
            distanceM,
            towardsDeg: towardsOf(bayId),
            isAbove: here?.hood?.kind === 'overhead' || here?.hood?.kind === 'canopy',
            widthM: extraction.diameterM ?? extraction.widthM ?? 0.2,
          }
        : null,
      share: share === undefined ? null : { part: share, said: sharePercent(share) },
    }]
  }))
  function attempt(bayId: string, change: WhatIf): void {
    tried.value = { ...tried.value, [bayId]: change }
  }
  function turn(bayId: string, towardsDeg: number): void {
    turned.value = { ...turned.value, [bayId]: towardsDeg }
  }
  function reset(bayId: string): void {
    const { [bayId]: _gone, ...rest } = tried.value
    const { [bayId]: _side, ...sides } = turned.value
    tried.value = rest
    turned.value = sides
  }
  return {
    state, placed, chosen, tried, turned, substance, look, at, field, isKnown, isFailed, timeAt, seen, asItIs, use, far, bays, towardsOf,
    attempt, turn, reset,
  }
}

/** A share in whole percent; one that would read as nothing is under one. */
export const sharePercent = (share: number): string => share < 0.01 ? '< 1\u00a0%' : `${Math.round(share * 100)}\u00a0%`
