import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { planPermit } from '#core/hotwork/permit-plan'
import type { PermitRequest } from '#core/streams/permit/permit'

/** What is asked: the flight of some thousand sparks is reckoned here, off the page. */
export interface PlanAsked {
  readonly id: number
  readonly request: Pick<PermitRequest, 'facts' | 'job' | 'conditions'>
  readonly rules: HouseRules
}

self.addEventListener('message', ({ data: { id, request, rules } }: MessageEvent<PlanAsked>) =>
  self.postMessage({ id, ...planPermit(request, rules) }),
)
