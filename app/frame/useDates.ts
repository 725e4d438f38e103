import { dateFormat } from '#shared/words/date-format'
import { dayIn } from '#shared/words/site-times'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.dates

/** Days, times and spans as this site and this reader say them: in words, in one style, with the year where it is not this one. */
export function useDates() {
  const facts = useFacts()
  const clock = useClock()
  const written = (iso: string, how: Intl.DateTimeFormatOptions): string =>
    dateFormat(language.value, { hourCycle: 'h23', timeZone: facts.site.timeZone, ...how }).format(Date.parse(iso))
  const yearOf = (iso: string): string => written(iso, { year: 'numeric' })

  const day = (date: string): string => dayIn(language.value)(date)
  const time = (iso: string): string => written(iso, { hour: '2-digit', minute: '2-digit' })
  const moment = (iso: string): string =>
    written(iso, {
      day: 'numeric',
      month: 'short',
      ...yearOf(iso) === yearOf(clock.nowIso()) ? {} : { year: 'numeric' },
      hour: '2-digit',
      minute: '2-digit',
    })
  /** To the second, with its year: as a record says it. */
  const exactly = (iso: string): string =>
    written(iso, { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit', second: '2-digit' })
  /** The day of the week and the time, for a clock on a wall. */
  const weekdayAndTime = (iso: string): string => written(iso, { weekday: 'short', hour: '2-digit', minute: '2-digit' })
  /** How long until an instant, or null when it has come. */
  const until = (iso: string): string | null => {
    const minutes = Math.ceil((Date.parse(iso) - clock.nowMs.value) / 60_000)
    return minutes <= 0 ? null : minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`
  }
  /** When something is due, seen from today. */
  const due = (dueOn: string | null, today: string): string => {
    if (dueOn === null) return ''
    if (dueOn === 'now') return says.dueNow
    const days = Math.round((Date.parse(dueOn) - Date.parse(today)) / 86_400_000)
    const counted = Math.abs(days) === 1 ? says.day : says.days
    return days < 0 ? says.late(-days, counted) : days === 0 ? says.dueToday : days < 32 ? says.in(days, counted) : day(dueOn)
  }
  return { day, time, moment, exactly, weekdayAndTime, until, due }
}
