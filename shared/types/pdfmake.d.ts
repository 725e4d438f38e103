/** The few parts of pdfmake that the paper uses: documents as its own manual describes them. */
declare module 'pdfmake' {
  export type Content = string | readonly Content[] | { readonly [key: string]: unknown }
  interface PdfMake {
    readonly virtualfs: { writeFileSync: (name: string, content: string, encoding?: string) => void }
    setFonts: (fonts: Record<string, Record<'normal' | 'bold' | 'italics' | 'bolditalics', string>>) => void
    setUrlAccessPolicy: (allows: (url: string) => boolean) => void
    setLocalAccessPolicy: (allows: (path: string) => boolean) => void
    createPdf: (document: { readonly content: Content, readonly [key: string]: unknown }) => { getBuffer: () => Promise<Buffer> }
  }
  const pdfmake: PdfMake
  export default pdfmake
}
declare module 'pdfmake/build/vfs_fonts.js' {
  const files: Readonly<Record<string, string>>
  export default files
}
