import { computed } from 'vue'
import type { CommandType } from '#core/streams/commands'
import { isTheirPermit } from '#core/streams/permit/named-in'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import type { RightId } from '#core/ids/rights'

/** What whoever looks at a permit may do there, and whether they stand on its post. The door asks the same. */
export function usePermitRights(permit: () => ShownPermit | null) {
  const session = useSession()
  const me = computed(() => session.person?.personId ?? '')
  const mayHere = (right: RightId, doing: CommandType): boolean => {
    const shown = permit()
    if (shown === null) return false
    return session.may(right, { bayId: null, areaId: null, isOwnPermit: isTheirPermit({ ...shown, token: '' }, me.value, doing) })
  }
  const mayWork = computed(() => mayHere('work-permit', 'permit.see-to'))
  const onPost = computed(() => permit()?.posts.some(({ personId }) => personId === me.value) ?? false)
  const mayTakePost = computed(() => {
    const shown = permit()
    if (shown === null || onPost.value || !mayHere('stand-watch', 'permit.take-post')) return false
    const isNamed = shown.watchers.some(({ personId }) => personId === me.value)
    // One left hot takes whoever comes.
    return !shown.request.operatorIds.includes(me.value) && (isNamed || shown.phase === 'watch' || shown.phase === 'suspended')
  })
  return { me, mayHere, mayWork, onPost, mayTakePost }
}
