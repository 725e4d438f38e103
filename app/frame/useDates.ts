import { framePages } from '~/words/frame'

const says = framePages.dates

/** Days, times and spans as this site says them. */
export function useDates() {
  const facts = useFacts()
  const clock = useClock()
  const day = (date: string): string =>
    new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }).format(
      Date.parse(`${date}T12:00:00Z`),
    )
  const time = (iso: string): string =>
    new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: facts.site.timeZone }).format(Date.parse(iso))
  const moment = (iso: string): string =>
    new Intl.DateTimeFormat('en-GB', {
      day: 'numeric',
      month: 'short',
      hour: '2-digit',
      minute: '2-digit',
      timeZone: facts.site.timeZone,
    }).format(Date.parse(iso))
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
    return days < 0
      ? says.late(-days, days === -1 ? says.day : says.days)
      : days === 0
        ? says.dueToday
        : days < 32
          ? says.in(days, days === 1 ? says.day : says.days)
          : day(dueOn)
  }
  return { day, time, moment, until, due }
}
