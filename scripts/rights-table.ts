import { URGENT_COMMANDS } from '#core/streams/urgent'
import type { CommandType } from '#core/streams/commands'
import { RIGHTS_OF } from '#core/rights/rights'
import { ROLES } from '#core/ids/vocabulary'
import { COMMAND_TYPES, ruleOf } from '#core/streams/kinds'
import { ROUTES } from '#shared/contract/routes'
import type { Access } from '#shared/contract/routes'
import { SYSTEM_COMMANDS } from '#shared/contract/command-schemas'
import { RIGHTS } from '#core/ids/rights'

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n')

function sentBy(type: CommandType): string {
  if (SYSTEM_COMMANDS.has(type)) return 'the house alone'
  return URGENT_COMMANDS.has(type) ? 'a person, or a known device' : 'a person'
}

const accessOf = (access: Access): string => (typeof access === 'string' ? access : access.right)

const HOW_FAR = [
  '`all`: everywhere on the site. `own-bay`, `own-area`: the person\'s own. `own-permit`: a permit that names them.',
  '`gas-and-kit`, `permits`: those records. `none`: refused, with the reason. Whoever is named competent releases besides;',
  'everybody sees their own health record; a place left hot takes whoever comes to its post and looks.',
]
const WHOM = [
  '`anybody` needs no session. `signed-in`: every role. `reader`: signed in, or with a read-only device key.',
  '`door`: the right of the command. A right: whoever holds it; others are refused with 409.',
]
const FROM_CODE = [
  'Made from the code by `npm run rights`; a test fails where the two differ, and the tests of every route and command by every role',
  'read what to expect from here. What was decided and why: [decision 0017](decisions/0017-who-may.md).',
]
const COMMAND_COLUMNS = ['command', 'right', 'is a', 'sent by']
const commandRow = (type: CommandType): readonly string[] => {
  const { right, isReport } = ruleOf(type)
  return [type, right, isReport ? 'report' : 'request', sentBy(type)]
}

/** `docs/rights.md`: who may do what, as the code has it. */
export const rightsTable = (): string =>
  [
    '# Who may do what',
    FROM_CODE.join(' '),
    HOW_FAR.join(' '),
    '## Rights',
    table(
      ['right', ...ROLES],
      RIGHTS.map(right => [right, ...ROLES.map(role => RIGHTS_OF[right][role])]),
    ),
    '## Commands',
    'Reports of fact are recorded whatever their author last saw; requests can be refused.',
    table(COMMAND_COLUMNS, COMMAND_TYPES.map(commandRow)),
    '## Routes',
    WHOM.join(' '),
    table(
      ['method', 'route', 'answers', 'narrowed to'],
      ROUTES.map(({ method, path, access, narrowed = '' }) => [method, path, accessOf(access), narrowed]),
    ),
    '',
  ].join('\n\n').replace(/\n\n$/, '\n')
