import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join, resolve } from 'node:path'
import * as parser from '@typescript-eslint/parser'
import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'
import { noCircle } from '../../../scripts/lint/no-circle.mjs'

/** What the rule says of some files that stand beside each other. */
async function circlesIn(files: Readonly<Record<string, string>>): Promise<readonly string[]> {
  const home = mkdtempSync(join(tmpdir(), 'zonaris-circle-'))
  try {
    for (const [name, text] of Object.entries(files)) writeFileSync(join(home, name), text)
    const resolver = {
      interfaceVersion: 3,
      name: 'beside',
      resolve: (source: string, file: string) => ({ found: true, path: resolve(dirname(file), `${source}.ts`) }),
    }
    const eslint = new ESLint({
      cwd: home,
      overrideConfigFile: true,
      overrideConfig: [
        {
          files: ['*.ts'],
          languageOptions: { parser },
          plugins: { house: { rules: { 'no-circle': noCircle } } },
          settings: {
            'import-x/resolver-next': [resolver],
            'import-x/parsers': { [resolve('scripts/lint/types-count-parser.cjs')]: ['.ts'] },
            'import-x/extensions': ['.ts'],
          },
          rules: { 'house/no-circle': 'error' },
        },
      ],
    })
    const results = await eslint.lintFiles(['*.ts'])
    return results.flatMap(({ filePath, messages }) => messages.map(() => filePath.slice(home.length + 1))).sort()
  } finally {
    rmSync(home, { recursive: true })
  }
}

const typeOf = (from: string): string => `import type { T } from './${from}'\nexport type T = T[]\n`

describe('no file reaches itself', () => {
  it('counts what is imported as a type', async () => {
    expect(await circlesIn({ 'a.ts': typeOf('b'), 'b.ts': typeOf('a') })).toEqual(['a.ts', 'b.ts'])
  })

  it('finds it through others, values and what is handed on', async () => {
    const files = {
      'a.ts': typeOf('b'),
      'b.ts': `export { T } from './c'\n`,
      'c.ts': `import { T } from './a'\nexport { T }\n`,
      'd.ts': typeOf('a'),
    }
    expect(await circlesIn(files)).toEqual(['a.ts', 'b.ts', 'c.ts'])
  })

  it('says nothing where the imports go one way', async () => {
    expect(await circlesIn({ 'a.ts': typeOf('b'), 'b.ts': typeOf('c'), 'c.ts': 'export type T = string\n' })).toEqual([])
  })
})
