import { strToU8, zipSync } from 'fflate'

/** A cell of a workbook: a number, a word, or a day as a spreadsheet counts it, from 1900 on. */
export type WorkbookCell = number | string | { readonly day: number } | null

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
const column = (index: number): string => String.fromCharCode(65 + index)

function cellXml(cell: WorkbookCell, row: number, index: number): string {
  const at = `r="${column(index)}${row + 1}"`
  if (cell === null) return ''
  if (typeof cell === 'number') return `<c ${at}><v>${cell}</v></c>`
  if (typeof cell === 'string') return `<c ${at} t="inlineStr"><is><t>${escaped(cell)}</t></is></c>`
  return `<c ${at} s="1"><v>${cell.day}</v></c>`
}

/** A workbook as ECMA-376 has it: what reads it is checked against the standard's own parts. */
export function workbook(sheets: Readonly<Record<string, readonly (readonly WorkbookCell[])[]>>): Uint8Array {
  const names = Object.keys(sheets)
  const main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main'
  const office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships'
  const package_ = 'http://schemas.openxmlformats.org/package/2006'
  const head = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'
  const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml'
  const files: Record<string, string> = {
    '[Content_Types].xml': `${head}<Types xmlns="${package_}/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>`
      + `<Override PartName="/xl/workbook.xml" ContentType="${type}.sheet.main+xml"/><Override PartName="/xl/styles.xml" ContentType="${type}.styles+xml"/>`
      + `${names.map((_, i) => `<Override PartName="/xl/worksheets/sheet${i + 1}.xml" ContentType="${type}.worksheet+xml"/>`).join('')}</Types>`,
    '_rels/.rels': `${head}<Relationships xmlns="${package_}/relationships"><Relationship Id="rId1" Type="${office}/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    'xl/workbook.xml': `${head}<workbook xmlns="${main}" xmlns:r="${office}"><sheets>`
      + `${names.map((name, i) => `<sheet name="${escaped(name)}" sheetId="${i + 1}" r:id="rId${i + 1}"/>`).join('')}</sheets></workbook>`,
    'xl/_rels/workbook.xml.rels': `${head}<Relationships xmlns="${package_}/relationships">`
      + `${names.map((_, i) => `<Relationship Id="rId${i + 1}" Type="${office}/worksheet" Target="worksheets/sheet${i + 1}.xml"/>`).join('')}`
      + `<Relationship Id="rId99" Type="${office}/styles" Target="styles.xml"/></Relationships>`,
    'xl/styles.xml': `${head}<styleSheet xmlns="${main}"><cellXfs count="2"><xf numFmtId="0"/><xf numFmtId="14" applyNumberFormat="1"/></cellXfs></styleSheet>`,
  }
  Object.values(sheets).forEach((rows, i) => {
    const body = rows.map((row, r) => `<row r="${r + 1}">${row.map((cell, c) => cellXml(cell, r, c)).join('')}</row>`).join('')
    files[`xl/worksheets/sheet${i + 1}.xml`] = `${head}<worksheet xmlns="${main}"><sheetData>${body}</sheetData></worksheet>`
  })
  return zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])))
}
