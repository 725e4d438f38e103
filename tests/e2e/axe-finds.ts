import axe from 'axe-core'
import { expect } from '@playwright/test'
import type { Page } from '@playwright/test'

/** What a look's colours can change. Words, shapes and a window's width change none of them: it is most of what axe has to work out. */
export const COLOUR_RULES = ['color-contrast', 'link-in-text-block'] as const

/**
 * Expects that axe finds nothing against it on the page as it stands. Our pages hold no frames, and what passes is not asked
 * for; the script stays in the page through taps on links, and comes once for each load.
 *
 * @param within a selector: only what lies in there is looked at
 * @param rules only these rules; all of them where left out
 * @param without these rules are left out: what they look at was looked at already
 */
export async function axeFindsNothing(
  page: Page,
  { within, rules, without = [], about = page.url() }: {
    readonly within?: string
    readonly rules?: readonly string[]
    readonly without?: readonly string[]
    readonly about?: string
  } = {},
): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
  const violations = await page.evaluate(
    async ({ within, rules, without }) => {
      const looked = await (window as unknown as { axe: typeof axe }).axe.run(within ?? document, {
        resultTypes: ['violations'],
        ...(rules ? { runOnly: [...rules] } : {}),
        rules: Object.fromEntries(without.map(rule => [rule, { enabled: false }])),
      })
      return looked.violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`)
    },
    { within, rules, without },
  )
  expect(violations, about).toEqual([])
}
