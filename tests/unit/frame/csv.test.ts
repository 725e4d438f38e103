import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { csvOf } from '../../../app/frame/csv'

describe('a list as CSV', () => {
  it('is read back as it was, whatever stands in it', () => {
    const data = [['AC-7', 'a "quoted", word', 'two\nlines'], ['', 'ñandú', '; | ,']]
    const read = Papa.parse<string[]>(csvOf({ fields: ['tag', 'what', 'where'], data }), { newline: '\r\n' })
    expect(read.errors).toEqual([])
    expect(read.data).toEqual([['tag', 'what', 'where'], ...data])
  })
  it.each(['=1\n+2', ' =1', '\n=1', '＝1', '=HYPERLINK("http://x","y")', '+1', '-2+3', '@SUM(A1)', '\t=1', '\r=1'])('hands %j over as text, and as no formula', (typed) => {
    const [, [cell]] = Papa.parse<string[]>(csvOf({ fields: ['said'], data: [[typed]] }), { newline: '\r\n' }).data as [string[], string[]]
    expect(cell).toBe(`'${typed}`)
  })
})
