import type { Page, Request } from '@playwright/test'
import { expect } from './served'
import type { Served } from './served'

/** Every screen of the demo, as a tap on a link reaches it. */
export const SCREENS: readonly string[] = [
  '/', '/bay/bay-4', '/bay/bay-8', '/bay/bay-11?do=job', '/bay/bay-3?do=job', '/bay/bay-4?do=eyes', '/bay/bay-12?do=eyes',
  '/bay/bay-2?do=darkest', '/bay/bay-3?do=body', '/bay/bay-4?do=who', '/bay/bay-4?do=because-eyes', '/bay/bay-4?do=because-body',
  '/bay/bay-4?do=air', '/bay/bay-4?do=because-air', '/air', '/air/bay-4?do=open', '/air?do=hall-gate-hall', '/air?do=sheets',
  '/air?do=to-be', '/air?do=around', '/air?do=samples',
  '/bay/bay-10?do=gas', '/bay/bay-6?do=machine', '/bay/bay-3?do=handover', '/gas', '/gas/ac-7', '/gas?do=receive',
  '/gas?do=week', '/gas?do=sums', '/gas?do=place-cage', '/kit', '/kit/gr-2', '/kit/round', '/kit/lists', '/kit?do=register',
  '/kit?do=sums', '/bay/bay-1?do=fire', '/bay/bay-12?do=fire', '/hot-work', '/hot-work/slip-winch', '/hot-work/gate-3-strap',
  '/hot-work?do=request', '/hot-work?do=arc', '/hot-work/wall', '/help', '/help/cylinder-in-fire', '/?ask=tig%2090%20stainless',
  '/opening', '/class-plan', '/hall/gate-hall', '/closing', '/door', '/door?who=noor-hale', '/door?do=stock', '/people', '/people?do=list', '/people?who=lena-stroud',
  '/first-steps?step=halls', '/first-steps?step=kit', '/first-steps?step=air', '/first-steps?step=work', '/first-steps?step=gas',
  '/set-up', '/house-rules', '/log', '/my-sign-in',
]

/**
 * What never tells that it came: the stream of events never ends, and the browser says no more of a worker's script whose worker was ended
 * while it loaded, as one is whenever the air of a bay is left before its doubt is drawn.
 */
const NEVER_TOLD = /\/api\/v1\/events|\.worker-[^/]*\.js$/

/** Follows what a page asks for; the answer tells what of it did not come yet: parts that load when opened, readings. */
export function followWhatIsAsked(page: Page): () => string[] {
  const asked = new Set<Request>()
  page.on('request', (request) => {
    if (!NEVER_TOLD.test(request.url())) asked.add(request)
  })
  page.on('requestfinished', request => void asked.delete(request))
  page.on('requestfailed', request => void asked.delete(request))
  return () => [...asked].map(request => request.url())
}

/** A page that is still being drawn is not looked at: nothing is asked for any more, twice in a row with a frame drawn between. */
export async function isDrawn(page: Page, stillAsked: () => string[]): Promise<void> {
  await expect(async () => {
    expect(stillAsked()).toEqual([])
    await page.evaluate(() => new Promise(resolve => requestAnimationFrame(() => setTimeout(resolve))))
    expect(stillAsked()).toEqual([])
  }).toPass({ timeout: 60_000 })
}

/** Goes there as a tap on a link does: a page load for each of so many screens would be most of the run. */
export async function show(page: Page, served: Served, path: string): Promise<void> {
  // Not waited for in there: a navigation that another one overtakes would be waited for in vain. The address tells.
  await page.evaluate((to) => {
    void (window as unknown as { useNuxtApp: () => { $router: { push: (to: string) => Promise<unknown> } } }).useNuxtApp().$router.push(to)
  }, path)
  await expect(page).toHaveURL(served.url + path)
  await expect(page.getByText(/Reading the shop|Leyendo el taller/)).toHaveCount(0)
}
