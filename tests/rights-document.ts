import { readFileSync } from 'node:fs'
import path from 'node:path'

// What docs/rights.md says, for the tests that go through every route and command by every role.

const FILE = path.resolve(import.meta.dirname, '../docs/rights.md')

/** The document as it stands. */
export const rightsDocument = (): string => readFileSync(FILE, 'utf8')

/** The rows of a section's table, by the names of its columns. */
function rowsUnder(heading: string): Record<string, string>[] {
  const section = rightsDocument().split(`## ${heading}\n`)[1]!.split('\n## ')[0]!
  const [head, , ...rows] = section
    .split('\n')
    .filter(line => line.startsWith('|'))
    .map(line =>
      line
        .slice(2, -2)
        .split(' | ')
        .map(cell => cell.trim()),
    )
  return rows.map(row => Object.fromEntries(head!.map((name, i) => [name, row[i] ?? ''])))
}

/** How far each right reaches, by role. */
export const documentedRights = (): ReadonlyMap<string, Record<string, string>> =>
  new Map(rowsUnder('Rights').map(({ right, ...roles }) => [right!, roles]))

export interface DocumentedCommand {
  readonly command: string
  readonly right: string
  readonly sentBy: string
}
export const documentedCommands = (): readonly DocumentedCommand[] =>
  rowsUnder('Commands').map(row => ({ command: row.command!, right: row.right!, sentBy: row['sent by']! }))

export interface DocumentedRoute {
  readonly method: string
  readonly route: string
  readonly answers: string
}
export const documentedRoutes = (): readonly DocumentedRoute[] =>
  rowsUnder('Routes').map(row => ({ method: row.method!, route: row.route!, answers: row.answers! }))
