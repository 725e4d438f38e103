import pdfmake from 'pdfmake'
import type { Content } from 'pdfmake'
import fonts from 'pdfmake/build/vfs_fonts.js'

let isReady = false
/** Embeds the fonts once; nothing is read from disk or fetched while a paper is made. */
function ready(): void {
  if (isReady) return
  for (const [name, content] of Object.entries(fonts)) pdfmake.virtualfs.writeFileSync(name, content, 'base64')
  pdfmake.setFonts({
    Roboto: {
      normal: 'Roboto-Regular.ttf',
      bold: 'Roboto-Medium.ttf',
      italics: 'Roboto-Italic.ttf',
      bolditalics: 'Roboto-MediumItalic.ttf',
    },
  })
  pdfmake.setUrlAccessPolicy(() => false)
  pdfmake.setLocalAccessPolicy(() => false)
  isReady = true
}

/** A label with its value, as every paper of the house has them. */
export const line = (label: string, value: Content): Content => ({
  columns: [
    { text: label, width: 120, color: '#444444' },
    { text: value, width: '*' },
  ],
  margin: [0, 1, 0, 1],
})

/** A paper as bytes. */
export function makePdf(document: Parameters<typeof pdfmake.createPdf>[0]): Promise<Buffer> {
  ready()
  return pdfmake.createPdf(document).getBuffer()
}
