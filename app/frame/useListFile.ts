import { partPages } from '~/words/parts'

/** A list brought in from a file: its text goes where a pasted one would stand; what was typed stays where it cannot be read. */
export function useListFile(put: (text: string) => void) {
  const said = ref('')
  async function read(file: File): Promise<void> {
    const { readListFile } = await import('./spreadsheet')
    const list = await readListFile(file)
    const says = partPages.file
    if ('refused' in list) {
      said.value = says.refused[list.refused](file.name)
      return
    }
    put(list.text)
    said.value = list.sheet && list.sheet.of > 1 ? says.readSheet(file.name, list.sheet.name, list.sheet.of) : says.read(file.name)
  }
  return { said, read }
}
