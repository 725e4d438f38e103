import type { Content } from 'pdfmake'
import type { JudgedSurvey, MeasuredAir } from '#core/air/measured-air'
import { surveyedPlace } from '#core/air/surveyed'
import type { Instant } from '#core/time/instant'
import type { UnitSystem } from '#core/units'
import { quantitiesIn } from '#shared/words/quantities'
import { citation } from '#shared/words/citation'
import { languageHere } from '../language'
import { speak } from '../spoken'
import { wordsHere } from '../words/here'
import { dayInWords, formatInTimeZone } from './paper-times'
import { line, makePdf } from './pdf'

/** Who put a survey in, and when. */
export interface PutIn { readonly name: string, readonly at: Instant }

/** What a report of samples is made from. */
export interface SamplesReportOf {
  readonly siteName: string
  readonly timeZone: string
  readonly units: UnitSystem
  readonly printedAt: Instant
  readonly bayLabel: string
  readonly hallName: string
  readonly measured: MeasuredAir
  /** By survey. */
  readonly putIn: ReadonlyMap<string, PutIn>
}

const heading = (text: string): Content => ({ text, bold: true, fontSize: 13, margin: [0, 12, 0, 4] })
const dotted = (label: string): Content => ({
  columns: [{ text: label, width: 120, color: '#444444' }, { text: '______________________________________________', width: '*' }],
  margin: [0, 14, 0, 0],
})

/** The samples of a bay to print: what was measured where, how it was judged and against what, the verdict, and who signs. */
export async function samplesReport(report: SamplesReportOf): Promise<Buffer> {
  const { reports: says, words } = wordsHere()
  const { siteName, timeZone, units, printedAt, bayLabel, hallName, measured, putIn } = report
  const q = quantitiesIn(units, languageHere())

  /** The verdict that stands: on everything of one substance that speaks for this place and work. */
  const together = measured.pooled.map(({ substance, surveys, answer, findings }): Content => ({
    stack: [
      {
        text: says.together(words.substances[substance], words.sampleVerdicts[answer.verdict], surveys.length, answer.n),
        bold: true,
      },
      ...findings.map((said): Content => {
        const { message, todo } = speak(said, units)
        return { text: [message, todo].filter(Boolean).join(' ') }
      }),
    ],
    margin: [0, 2, 0, 4],
  }))

  function place({ survey }: JudgedSurvey): Content[] {
    const { job, extraction, position } = surveyedPlace(survey.place)
    const one = job?.currentA === undefined ? '' : q.current(job.currentA)
    const of = job && [
      words.processes[job.process],
      job.currentRangeA ? `${job.currentRangeA[0]}–${q.current(job.currentRangeA[1])}` : one,
      job.consumable && words.consumables[job.consumable],
      job.baseMetal && words.baseMetals[job.baseMetal],
      job.coating && words.coatings[job.coating],
      job.arcMinPerH === undefined ? '' : says.arc(q.minutes(job.arcMinPerH)),
    ].filter(Boolean).join(', ')
    const hood = extraction
      ? [
          words.extractionKinds[extraction.kind],
          q.airFlow(extraction.flowM3PerS),
          position && `${q.reach(position.distanceM)} ${words.placements[position.placement]}`,
        ]
      : [says.noExtraction]
    return [
      line(says.place, `${hallName}, ${says.bay(bayLabel)}`),
      line(says.work, of || says.notReadable),
      line(says.extraction, hood.filter(Boolean).join(', ')),
    ]
  }

  function results({ survey }: JudgedSurvey): Content {
    const cell = (text: string): { readonly text: string } => ({ text })
    return {
      table: {
        headerRows: 1,
        widths: ['*', 110, 70],
        body: [
          [says.who, says.result, says.minutes].map(text => ({ text, bold: true })),
          ...survey.results.map(({ label, mgPerM3, isBelowLoq, minutes }) => [
            cell(label),
            cell(`${isBelowLoq ? '< ' : ''}${q.limit(mgPerM3)}`),
            cell(minutes === null ? '–' : q.minutes(minutes)),
          ]),
        ],
      },
      layout: 'lightHorizontalLines',
      margin: [0, 4, 0, 4],
    }
  }

  function judged({ survey, standing, limit, answer, findings }: JudgedSurvey): Content[] {
    if (standing === 'withdrawn') return [line(says.verdict, says.withdrawn)]
    if (!limit || !answer) return [line(says.verdict, says.noLimit)]
    const { summary, exceedance } = answer
    // Rounded up: no share of shifts reads as none.
    const percent = (share: number): string => `${(Math.ceil(share * 1000) / 10).toFixed(1)} %`
    return [
      line(says.limit, [
        `${q.limit(limit.valueMgPerM3 / limit.perElement)}, ${words.limitKinds[limit.kind]}`,
        `(${citation(limit.source, words.bases)})`,
      ].join(' ')),
      line(says.method, `${says.tests[answer.test]} ${says.counted(answer.belowLoq, words.substitutions[answer.method])}`),
      ...summary
        ? [
            line(
              says.figures,
              says.summed(summary.n, q.concentration(summary.gm), summary.gsd.toFixed(2), q.concentration(summary.utl95_70)),
            ),
          ]
        : [],
      ...exceedance ? [line(says.exceedance, says.exceeded(percent(exceedance.point), percent(exceedance.upper70)))] : [],
      line(says.verdict, `${words.sampleVerdicts[answer.verdict]}; ${says.standings[standing]}`),
      ...[...findings, ...answer.findings].map((said): Content => ({ text: speak(said, units).message, margin: [120, 0, 0, 0] })),
      ...survey.results.length < 3 ? [{ text: says.tooFew, margin: [120, 0, 0, 0] } satisfies Content] : [],
    ]
  }

  const surveys = measured.judged.map((one): Content => {
    const { substance, takenOn, surveyId } = one.survey
    const by = putIn.get(surveyId)
    return {
      stack: [
        heading(`${words.substances[substance]}, ${dayInWords(takenOn)}`),
        ...place(one),
        results(one),
        ...judged(one),
        line(says.putIn, by ? `${by.name}, ${formatInTimeZone(by.at, timeZone)}` : says.notReadable),
      ],
    }
  })
  return makePdf({
    info: { title: says.title(bayLabel), author: siteName },
    pageMargins: [36, 36, 36, 48],
    defaultStyle: { font: 'Roboto', fontSize: 10 },
    footer: (page: number, pages: number) => ({
      text: says.footer(siteName, formatInTimeZone(printedAt, timeZone), page, pages),
      alignment: 'center',
      fontSize: 8,
    }),
    content: [
      { text: says.title(bayLabel), fontSize: 20, bold: true },
      { text: siteName, margin: [0, 2, 0, 8] },
      { text: says.byLabel, margin: [0, 0, 0, 4] },
      heading(says.whatStands),
      ...together.length > 0 ? together : [{ text: says.nothingSpeaks }],
      ...surveys,
      heading(says.signed),
      dotted(says.sampledBy),
      dotted(says.judgedBy),
      dotted(says.date),
      { text: says.advises, margin: [0, 16, 0, 0], fontSize: 9 },
    ],
  })
}
