import type { ComputedRef } from 'vue'
import type { CylinderRow, CylindersReading } from '#shared/contract/readings'
import type { TableColumnOf } from '~/frame/table'
import { gasPages } from '~/words/gas'

const says = gasPages.page

/** What is said of a cylinder in each column: by which the list is searched, sorted and taken out. */
export function useCylinderColumns(reading: () => CylindersReading | null): ComputedRef<readonly TableColumnOf<CylinderRow>[]> {
  const q = useQuantities()
  const cylinderSaid = useCylinderSaid()
  const called = useWhere()
  const placeNamed = (row: CylinderRow): string => {
    const { standing } = row.cylinder
    if (standing === null) return ''
    return standing.in === 'bay'
      ? called.placeOf({ to: 'bay', id: standing.bayId })
      : reading()?.places.find(({ placeId }) => placeId === standing.placeId)?.place.name ?? standing.placeId
  }
  return computed<readonly TableColumnOf<CylinderRow>[]>(() => {
    const today = reading()?.today ?? ''
    return [
      { id: 'tag', header: says.tag, said: ({ cylinder }) => cylinder.tag, by: true },
      { id: 'gas', header: says.gas, said: ({ cylinder }) => gasWords(cylinder.gas), by: true },
      { id: 'where', header: says.where, said: placeNamed, by: true },
      { id: 'standing', header: says.standing, said: row => cylinderSaid(row, today).word },
      {
        id: 'left',
        header: says.left,
        said: ({ cylinder, fact: { left } }) => left && !cylinder.isEmpty ? q.value.gas(left.lowM3) : '',
        // What nobody has read comes before what is empty: it may be either.
        by: ({ cylinder, fact: { left } }) => cylinder.isEmpty ? 0 : left?.lowM3 ?? -1,
      },
      { id: 'test', header: says.test, said: row => cylinderSaid(row, today).test, by: ({ nextDue }) => nextDue ?? '' },
    ]
  })
}
