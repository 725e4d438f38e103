import { LOCALES } from './language'
import type { Language } from './language'

let zone = 'UTC'

/** Times in sentences are told in the shop's zone; the board sets it once it knows the site. */
export function speakTimesIn(siteZone: string): void {
  zone = siteZone
}

/** The time of day of an instant in the shop's zone, as a language writes it. */
export function timeIn(language: Language): (iso: string) => string {
  const how = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const
  return iso => new Intl.DateTimeFormat(LOCALES[language], { ...how, timeZone: zone }).format(Date.parse(iso))
}
