import { describe, expect, it } from 'vitest'
import { MOST_BYTES, readListFile, rowsAsText } from '../../../app/frame/spreadsheet'
import { detectFormat, guessColumns, readSamples } from '#core/samples/read-samples'
import { workbook } from '../../workbook'

const fileOf = (bytes: Uint8Array | string, name: string): File => new File([bytes as BlobPart], name)
// 20 February 2026 as a spreadsheet counts days: 46073 from the last day of 1899 on (ECMA-376, 18.17.4.1).
const DAY = { day: 46_073 }

describe('a list from a file', () => {
  it('of a workbook is its first sheet that holds anything, parted by tabs: points for decimals, days as written', async () => {
    const bytes = workbook({
      Notes: [],
      Results: [['Person', 'Day', 'Conc mg/m3'], ['P1', DAY, 0.052], ['P2', DAY, '<0.004'], [null, null, null], ['P3', DAY, 1.5e-3]],
    })
    expect(await readListFile(fileOf(bytes, 'survey.XLSX'))).toEqual({
      text: 'Person\tDay\tConc mg/m3\nP1\t2026-02-20\t0.052\nP2\t2026-02-20\t<0.004\nP3\t2026-02-20\t0.0015',
      sheet: { name: 'Results', of: 2 },
    })
  })

  it('reads as samples as the same list pasted does', async () => {
    const rows = [['Person', 'Conc mg/m3', 'Minutes'], ['P1', 0.05, 480], ['P2', '<0.01', 470], ['P3', 0.08, 465]] as const
    const list = await readListFile(fileOf(workbook({ 'A & B': rows }), 'a.xlsx'))
    if ('refused' in list) throw new Error(list.refused)
    const table = list.text.split('\n').map(row => row.split('\t'))
    expect(detectFormat(list.text)).toMatchObject({ separator: '\t', decimal: '.' })
    const { results, errors } = readSamples(table.slice(1), {
      columns: guessColumns(table[0]!, table[1]!), concentrationUnit: 'mg/m3', massUnit: 'ug', volumeUnit: 'L', unsampled: 'as-sampled',
      decimal: '.', dates: null,
    })
    expect(errors).toEqual([])
    expect(results.map(({ value, isBelowLoq, minutes }) => [value, isBelowLoq, minutes]))
      .toEqual([[0.05, false, 480], [0.01, true, 470], [0.08, false, 465]])
  })

  it('of text is the text', async () => {
    expect(await readListFile(fileOf('P1;0,05\n', 'a.csv'))).toEqual({ text: 'P1;0,05\n', sheet: null })
  })

  it('says why where it cannot be read: no workbook, nothing in it, larger than a list', async () => {
    expect(await readListFile(fileOf('P1;0,05', 'a.xlsx'))).toEqual({ refused: 'not-a-workbook' })
    const whole = workbook({ Results: [['P1', 0.05]] })
    expect(await readListFile(fileOf(whole.slice(0, whole.length / 2), 'a.xlsx'))).toEqual({ refused: 'not-a-workbook' })
    expect(await readListFile(fileOf(workbook({ Results: [[null, ' ']] }), 'a.xlsx'))).toEqual({ refused: 'empty' })
    expect(await readListFile(fileOf(new Uint8Array(MOST_BYTES + 1), 'a.csv'))).toEqual({ refused: 'too-large' })
  })

  it('keeps a cell that holds a tab or a line of its own in one cell', () => {
    expect(rowsAsText([['a\tb', 'c\nd'], [true, 2]])).toBe('"a\tb"\t"c\nd"\ntrue\t2')
  })
})
