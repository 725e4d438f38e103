import { LOCALES } from '#shared/words/language'
import { languageHere } from '../language'

/** A time as paper says it: the day, the clock of the shop, and its zone, since paper travels. */
export function formatInTimeZone(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat(LOCALES[languageHere()], {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
    timeZone,
    timeZoneName: 'short',
  }).format(Date.parse(iso))
}

/** A day of the calendar, YYYY-MM-DD, as paper says it. */
export function dayInWords(day: string): string {
  const said = new Intl.DateTimeFormat(LOCALES[languageHere()], { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
  return said.format(Date.parse(day))
}
