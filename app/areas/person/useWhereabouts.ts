import { stationPages } from '~/words/station'

/** Where somebody is today, as far as the board knows. */
export interface Whereabouts {
  /** Bays they were placed at. */
  readonly bayIds: readonly string[]
  /** They watch there, and have no other task; empty where the board does not say where; null for nobody who watches. */
  readonly watchesAt: string | null
}

/** Where everybody is who stands at a bay or watches, by whom it is. */
export function useWhereabouts() {
  const judged = useJudged()
  const facts = useFacts()
  const says = stationPages.placePerson
  const whereabouts = computed<ReadonlyMap<string, Whereabouts>>(() => {
    const at = new Map<string, Whereabouts>()
    const of = (personId: string): Whereabouts => at.get(personId) ?? { bayIds: [], watchesAt: null }
    for (const { bay, station: { personId } } of judged.placed)
      if (personId !== null) at.set(personId, { ...of(personId), bayIds: [...of(personId).bayIds, bay.bayId] })
    for (const { permit } of Object.values(facts.reading?.fire.byBay ?? {}).flat())
      for (const { personId } of permit.posts) at.set(personId, { ...of(personId), watchesAt: permit.request.place.where })
    // Whoever watches somewhere else than at a bay is named on the board too: they have no other task.
    for (const personId of Object.keys(facts.reading?.fire.names ?? {}))
      at.set(personId, { ...of(personId), watchesAt: of(personId).watchesAt ?? '' })
    return at
  })
  const labelOf = (bayId: string): string => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
  /** In words; empty for somebody who stands nowhere. */
  const whereIs = (personId: string): string => {
    const known = whereabouts.value.get(personId)
    if (!known) return ''
    return [
      ...known.bayIds.map(bayId => says.atBay(labelOf(bayId))),
      ...known.watchesAt === null ? [] : [known.watchesAt === '' ? says.onWatchElsewhere : says.onWatchAt(known.watchesAt)],
    ].join(', ')
  }
  return { whereabouts, whereIs }
}
