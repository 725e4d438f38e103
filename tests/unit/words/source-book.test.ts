import { readdirSync } from 'node:fs'
import path from 'node:path'
import { expect, it } from 'vitest'
import { SOURCE_BOOK } from '#core/source/book'

it('no two books call different sources by one name', async () => {
  const folder = path.resolve(import.meta.dirname, '../../../core/source')
  const files = readdirSync(folder).filter(file => file.endsWith('sources.ts'))
  expect(files.length).toBeGreaterThan(9)
  for (const file of files) {
    const module = await import(path.join(folder, file)) as Record<string, Record<string, object>>
    for (const [name, source] of Object.values(module).flatMap(book => Object.entries(book)))
      expect(SOURCE_BOOK[name as keyof typeof SOURCE_BOOK], name).toBe(source)
  }
})
