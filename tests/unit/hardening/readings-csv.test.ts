import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { recordsOfCsv } from '#server/readings-csv'
import { resolveSenml } from '#core/monitor/senml'

const HEAD = 'time,name,unit,value\n'
const AT = '2026-12-01T09:30:00Z'
const AT_S = 1_796_117_400
const fieldsOf = (text: string) => {
  const log = recordsOfCsv(text)
  return 'fields' in log ? log.fields.map(({ path }) => path) : []
}

describe('a log of readings as CSV', () => {
  it('is read row by row, columns in whatever order, times with their zone or in seconds', () => {
    const text = '\uFEFFName;Value;Unit;Time;Battery\r\n"bay-4:carbon-monoxide";3.5;ppm;2026-12-01T04:30:00-05:00;90\r\n\r\n'
      + `bay-4:carbon-monoxide;-0.25;ppm;${AT_S + 60};89\r\n`
    expect(recordsOfCsv(text)).toEqual({
      records: [
        { n: 'bay-4:carbon-monoxide', u: 'ppm', v: 3.5, t: AT_S },
        { n: 'bay-4:carbon-monoxide', u: 'ppm', v: -0.25, t: AT_S + 60 },
      ],
    })
  })

  it('comes to what the same pack in SenML comes to', () => {
    const log = recordsOfCsv(`${HEAD}${AT},bay-4:ozone,ppm,0.04\n2026-12-01 09:31:00.500Z,bay-4:ozone,ppm,5e-2\n`)
    if ('fields' in log) throw new Error('refused')
    expect(resolveSenml(log.records, 0)).toEqual(
      resolveSenml([{ bn: 'bay-4:', bu: 'ppm', bt: AT_S, n: 'ozone', v: 0.04 }, { n: 'ozone', v: 0.05, t: 60.5 }], 0),
    )
  })

  it.each([
    ['a clock without its zone: it may be hours from when it was', `${HEAD}2026-12-01T09:30:00,a,ppm,1\n`, ['0.time']],
    ['seconds that count from now', `${HEAD}-5,a,ppm,1\n`, ['0.time']],
    ['a day that there is not', `${HEAD}2026-13-41T09:30:00Z,a,ppm,1\n`, ['0.time']],
    ['a comma for decimals', `${HEAD}${AT},a,ppm,"3,5"\n`, ['0.value']],
    ['nothing where a value should be, which is not 0', `${HEAD}${AT},a,ppm,\n`, ['0.value']],
    ['a word for a number', `${HEAD}${AT},a,ppm,over\n${AT},a,ppm,NaN\n`, ['0.value', '1.value']],
    ['no heading', `${AT},a,ppm,1\n`, ['time', 'name', 'unit', 'value']],
    ['a column twice', `time,name,unit,value,value\n${AT},a,ppm,1,2\n`, ['value']],
    ['nothing at all', '', ['time', 'name', 'unit', 'value']],
  ])('refuses %s, and says where', (_, text, paths) => {
    expect(fieldsOf(text)).toEqual(paths)
  })

  it('reads whatever comes to its end, and never makes a number of what is none', () => {
    fc.assert(fc.property(fc.array(fc.array(fc.string(), { maxLength: 5 }), { maxLength: 6 }), (rows) => {
      const log = recordsOfCsv(HEAD + rows.map(row => row.join(',')).join('\n'))
      if ('records' in log) for (const { v, t } of log.records) expect([Number.isFinite(v), Number.isFinite(t)]).toEqual([true, true])
    }))
  })
})
