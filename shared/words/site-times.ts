import { dateFormat } from './date-format'
import type { Language } from './language'

let zone = 'UTC'
let present: number | null = null

/** Times in sentences are told in the shop's zone; the board sets it once it knows the site. */
export function speakTimesIn(siteZone: string): void {
  zone = siteZone
}

/** The year that needs no saying: the shop's own, at an instant in ms; until it is set every date says its own. */
export function speakYear(atMs: number): void {
  present = Number(new Intl.DateTimeFormat('en', { year: 'numeric', timeZone: zone }).format(atMs))
}

/** The time of day of an instant in the shop's zone, as a language writes it. */
export function timeIn(language: Language): (iso: string) => string {
  const how = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const
  return iso => dateFormat(language, { ...how, timeZone: zone }).format(Date.parse(iso))
}

/** A day as people say it, `23 Nov`, with its year where that is not this one. `2026-11` is the month; what is no day stays. */
export function dayIn(language: Language): (date: string) => string {
  return (date) => {
    const [whole, year, , day] = /^(\d{4})-(\d{2})(?:-(\d{2}))?$/.exec(date) ?? []
    if (whole === undefined) return date
    return dateFormat(language, {
      ...day === undefined ? {} : { day: 'numeric' },
      month: 'short',
      ...Number(year) === present && day !== undefined ? {} : { year: 'numeric' },
      timeZone: 'UTC',
    }).format(Date.parse(`${date}${day === undefined ? '-01' : ''}T12:00:00Z`))
  }
}
