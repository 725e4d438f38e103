import { importX } from 'eslint-plugin-import-x'

const rule = importX.rules['no-cycle']

/** The same statement, its types counted as values. */
const counted = statement =>
  Object.create(statement, {
    importKind: { value: 'value' },
    exportKind: { value: 'value' },
    specifiers: { value: statement.specifiers?.map(one => Object.create(one, { importKind: { value: 'value' } })) },
  })

/**
 * `import-x/no-cycle`, which passes over imports of types, with these counted too: two files that name each other's types are read,
 * moved and changed together, whatever is left of it once it runs.
 */
export const noCircle = {
  ...rule,
  create(context) {
    return Object.fromEntries(
      Object.entries(rule.create(context)).map(([on, visit]) => [
        on,
        /^(?:Import|Export)/.test(on) ? statement => visit(counted(statement)) : visit,
      ]),
    )
  },
}
