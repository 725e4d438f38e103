import type { HotWorkPlan } from '#core/hotwork/decide-hot-work'
import type { PermitPlan, PermitRequest } from '#core/streams/permit/permit'

type Asked = Pick<PermitRequest, 'facts' | 'job' | 'conditions'>
export interface Planned { readonly id: number, readonly verdict: HotWorkPlan, readonly plan: PermitPlan }

/** What the rules make of a request as it is typed: worked out in a worker, the last answer that fits is shown. */
export function usePermitPlan(asked: () => Asked | null) {
  const facts = useFacts()
  const planned = shallowRef<Planned | null>(null)
  const worker = new Worker(new URL('./permit-plan.worker.ts', import.meta.url), { type: 'module' })
  let last = 0
  worker.addEventListener('message', ({ data }: MessageEvent<Planned>) => {
    if (data.id === last) planned.value = data
  })
  watch([asked, () => facts.rules], ([request, rules]) => {
    last++
    if (request === null) planned.value = null
    else worker.postMessage(JSON.parse(JSON.stringify({ id: last, request, rules })))
  }, { immediate: true, deep: true })
  onScopeDispose(() => worker.terminate())
  return planned
}
