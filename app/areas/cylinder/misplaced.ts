import type { StorageConflict } from '#core/cylinder/storage'

/** A cylinder that stands too near others or what burns; by moving it, all of these are mended. */
export interface Misplaced {
  readonly tag: string
  readonly with: readonly { readonly tag: string, readonly distanceM: number }[]
  readonly requiredM: number
}

/** Pairs too near, told by the cylinder that stands wrong with most others; what is no cylinder is not told to move. */
export function misplaced(conflicts: readonly StorageConflict[], isCylinder: (tag: string) => boolean): readonly Misplaced[] {
  const left = [...conflicts]
  const told: Misplaced[] = []
  while (left.length > 0) {
    const counts = new Map<string, number>()
    for (const { between } of left) for (const tag of between) counts.set(tag, (counts.get(tag) ?? 0) + 1)
    const [tag] = [...counts].sort((a, b) => Number(isCylinder(b[0])) - Number(isCylinder(a[0])) || b[1] - a[1])[0]!
    const own = left.filter(({ between }) => between.includes(tag))
    told.push({
      tag,
      requiredM: own[0]!.requiredM,
      with: own
        .map(({ between, distanceM }) => ({ tag: between.find(one => one !== tag)!, distanceM }))
        .sort((a, b) => a.distanceM - b.distanceM),
    })
    for (const one of own) left.splice(left.indexOf(one), 1)
  }
  return told
}
