import { readdirSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { openApiDocument } from '#shared/contract/openapi'
import { ROUTES } from '#shared/contract/routes'
import { commandTypes, payloadSchemas } from '#shared/contract/command-schemas'
import { rightsTable } from '../../../scripts/rights-table'
import { COMMAND_SAMPLES } from '../../command-samples'
import { documentedCommands, documentedRights, documentedRoutes, rightsDocument } from '../../rights-document'

const api = path.resolve(import.meta.dirname, '../../../server/api/v1')

/** The address and method of a file of the server, as the route table writes them. */
function routeOf(file: string): string {
  const [, name, method] = /^(.*)\.(get|post)\.ts$/.exec(file) ?? []
  return `${method!.toUpperCase()} /api/v1/${name!.replace(/(^|\/)index$/, '').replaceAll(/\[(\w+)\]/g, '{$1}')}`
}

describe('docs/rights.md', () => {
  it('says what the code does: after a change, npm run rights', () => expect(rightsDocument()).toBe(rightsTable()))
  it('knows every route that the server has, and no other', () => {
    const files = readdirSync(api, { recursive: true, encoding: 'utf8' }).filter(
      file => file.endsWith('.ts') && !file.endsWith('[...].ts'),
    )
    expect(ROUTES.map(({ method, path: at }) => `${method} ${at}`).sort()).toEqual(files.map(routeOf).sort())
  })
  it('is read back as it was written', () => {
    expect(documentedRights().get('inspect')).toMatchObject({ 'learner': 'own-bay', 'auditor': 'none', 'safety-lead': 'all' })
    expect(
      documentedCommands()
        .map(({ command }) => command)
        .sort(),
    ).toEqual([...commandTypes].sort())
    expect(documentedRoutes()).toHaveLength(ROUTES.length)
  })
  it('every route is in the OpenAPI document too, with a session where it needs one', () => {
    const { paths } = openApiDocument() as { paths: Record<string, Record<string, { security?: unknown[] }>> }
    const unwritten = ROUTES.filter(({ method, path: at }) => paths[at]?.[method.toLowerCase()] === undefined).map(({ path: at }) => at)
    expect(unwritten).toEqual([])
    for (const { method, path: at, access } of ROUTES)
      expect(paths[at]![method.toLowerCase()]!.security?.length === 0, at).toBe(access === 'anybody')
  })
})

describe('a sample of every command', () => {
  it.each(commandTypes)('%s is taken by its schema', type =>
    expect(payloadSchemas[type].safeParse(COMMAND_SAMPLES[type]).error?.issues).toBeUndefined(),
  )
})
