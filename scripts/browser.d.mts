/** Where the browser is: `CHROMIUM` where it is set; undefined where there is none. */
export function findBrowser(): string | undefined
export function ensureBrowser(): Promise<void>
