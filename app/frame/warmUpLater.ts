/** How long after the board stands, ms: the first look must not wait for what comes after it. */
const WARM_UP_AFTER_MS = 6000

/** Pages and panels that somebody may want when the signal is gone. */
const PAGES = [
  '/bay/any', '/opening', '/air', '/air/any', '/gas', '/gas/any', '/kit', '/kit/any', '/kit/round', '/hot-work', '/hot-work/any', '/help',
  '/help/fire', '/house-rules', '/log', '/hall/any',
] as const
const PANELS = [
  () => import('~/frame/FrameAccountSheet.vue'),
  () => import('~/frame/FrameNoticeList.vue'),
  () => import('~/frame/FrameCommandAnswer.vue'),
  () => import('~/areas/station/StationAsked.vue'),
  () => import('~/areas/station/StationJobCard.vue'),
  () => import('~/areas/station/StationPlacePerson.vue'),
  () => import('~/areas/station/StationEyesCheck.vue'),
  () => import('~/areas/station/StationRack.vue'),
  () => import('~/areas/station/StationDarkestFirst.vue'),
  () => import('~/areas/station/StationGlassesMarks.vue'),
  () => import('~/areas/station/StationInSight.vue'),
  () => import('~/areas/station/StationBodyCheck.vue'),
  () => import('~/areas/station/StationAirCheck.vue'),
  () => import('~/areas/station/StationKit.vue'),
  () => import('~/areas/station/StationHandover.vue'),
  () => import('~/areas/station/StationFireCheck.vue'),
  () => import('~/areas/hotwork/HotworkRequest.vue'),
  () => import('~/areas/station/StationBecause.vue'),
  () => import('~/areas/station/StationAirBecause.vue'),
] as const

/**
 * Fetches what an open tablet will need without a connection, once the board has been up for a while. A failed fetch is asked for again
 * when it is needed.
 */
export function warmUpLater(): void {
  setTimeout(() => {
    for (const load of PANELS) void load().catch(() => {})
    for (const page of PAGES) void preloadRouteComponents(page).catch(() => {})
  }, WARM_UP_AFTER_MS)
}
