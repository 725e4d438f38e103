// The browser that the tests walk with.
import { existsSync } from 'node:fs'
import { installDebian } from './machine.mjs'
import { say } from './say.mjs'

/** Debian's Chromium without its windows takes a quarter less of the machine; the whole of it walks as well. */
const BROWSERS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium']

/** Where the browser is: `CHROMIUM` where it is set; undefined where there is none. */
export const findBrowser = () => process.env.CHROMIUM || BROWSERS.find(existsSync)

/** Installs the lighter one where it is not there. Where that cannot be, the whole one does. */
export async function ensureBrowser() {
  if (process.env.CHROMIUM || existsSync(BROWSERS[0])) return
  try {
    await installDebian('Chromium', ['chromium-headless-shell'])
  } catch (error) {
    say(`${error.message} The tests walk with the whole of it.`)
    if (!findBrowser()) await installDebian('Chromium', ['chromium'])
  }
}
