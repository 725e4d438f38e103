import { kitWords } from '~/words/kit-words'
import type { Job } from '#core/job/job'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import type { Quantities } from '#shared/words/quantities'
import { quantitiesIn } from '~/words/speak'
import type { ProcessId } from '#core/ids/vocabulary'
import type { JobField } from '#core/ids/job-ids'
import { jobPages } from '~/words/job'

const says = jobPages.words

/** One thing said of a job, with the ink it is written in. */
export interface JobPart { readonly field: JobField | 'process', readonly text: string, readonly ink: 'chalk' | 'pencil' }

export function currentWords({ currentA, currentRangeA }: Pick<Job, 'currentA' | 'currentRangeA'>, q: Quantities): string | null {
  if (currentRangeA) return says.to(currentRangeA[0], q.current(currentRangeA[1]))
  return currentA === undefined ? null : q.current(currentA)
}

/** The job in one short line, as it stands on the board. */
export function jobLine(job: Job, q: Quantities): string {
  const size
    = currentWords(job, q)
      ?? (job.plateThicknessMm !== undefined && !PROCESS_TRAITS[job.process].byCurrent ? q.length(job.plateThicknessMm) : null)
  const work = job.coating !== undefined && job.coating !== 'none' && job.coating !== 'unknown' && !job.coatingStripped
    ? words.coatings[job.coating]
    : job.baseMetal && words.baseMetals[job.baseMetal]
  return [[words.processesShort[job.process], size].filter(Boolean).join(' '), work].filter(Boolean).join(' · ')
}

/** What a diameter is of. */
const sized = (process: ProcessId) =>
  process === 'gtaw' || process === 'paw' ? says.tungsten : process === 'smaw' ? says.rod : says.wire

/** Everything that is known of the job, each in its ink. */
export function jobParts(job: Job, q: Quantities): readonly JobPart[] {
  const parts: JobPart[] = []
  const add = (field: JobPart['field'], text: string | null | undefined) => {
    if (text) parts.push({ field, text, ink: field !== 'process' && job.assumed?.includes(field) ? 'pencil' : 'chalk' })
  }
  add('process', words.processes[job.process])
  add(job.currentRangeA ? 'currentRangeA' : 'currentA', currentWords(job, q))
  add('consumable', job.consumable && words.consumables[job.consumable])
  add(
    'electrodeDiameterMm',
    job.electrodeDiameterMm === undefined
      ? null
      : sized(job.process)(q.length(job.electrodeDiameterMm)),
  )
  add('wireFeedMPerMin', job.wireFeedMPerMin === undefined ? null : says.wire2(q.feed(job.wireFeedMPerMin)))
  add('travelSpeedMPerMin', job.travelSpeedMPerMin === undefined ? null : says.travel(q.feed(job.travelSpeedMPerMin)))
  add(
    'shieldingGas',
    job.process === 'pac' && job.shieldingGas === 'none' ? says.shopAir : job.shieldingGas && words.shieldingGases[job.shieldingGas],
  )
  add('fuelGas', job.fuelGas && kitWords.gases[job.fuelGas])
  add('gasFlowLPerMin', job.gasFlowLPerMin === undefined ? null : says.gas(q.gasFlow(job.gasFlowLPerMin)))
  add('tip', job.tip && kitWords.tips[job.tip])
  add('transfer', job.transfer && words.transfers[job.transfer])
  add('kerfWidthMm', job.kerfWidthMm === undefined ? null : says.kerf(q.length(job.kerfWidthMm)))
  add('waterTable', job.waterTable && words.waterTables[job.waterTable])
  add('plateThicknessMm', job.plateThicknessMm === undefined ? null : says.thick(q.length(job.plateThicknessMm)))
  add('acetyleneFlowLPerH', job.acetyleneFlowLPerH === undefined ? null : says.acetylene(q.flow(job.acetyleneFlowLPerH)))
  add('oxygenFlowLPerH', job.oxygenFlowLPerH === undefined ? null : says.oxygen(q.flow(job.oxygenFlowLPerH)))
  add('baseMetal', job.baseMetal && words.baseMetals[job.baseMetal])
  add(
    'coating',
    job.coating
    && `${job.coating === 'unknown' ? says.coatingNotKnown : words.coatings[job.coating]}${job.coatingStripped ? says.stripped(job.strippedWidthMm === undefined ? '' : ` ${q.length(job.strippedWidthMm)}`) : ''}`,
  )
  add('position', job.position && words.positions[job.position])
  add('confinement', job.confinement && words.confinements[job.confinement])
  add('head', job.head && says.head(words.heads[job.head]))
  add('startsAt', job.startsAt && job.endsAt ? says.to2(job.startsAt, job.endsAt) : job.startsAt ?? job.endsAt)
  add('arcMinPerH', job.arcMinPerH === undefined ? null : says.arcAnHour(q.minutes(job.arcMinPerH)))
  return parts
}

/** Quantities as this site writes them. */
export function useQuantities() {
  const facts = useFacts()
  return computed(() => quantitiesIn(facts.rules.units))
}
