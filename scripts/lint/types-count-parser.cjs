const parser = require('@typescript-eslint/parser')

/** Marks an import of types as any other, wherever it stands. */
const asValues = statement =>
  'importKind' in statement || 'exportKind' in statement
    ? {
        ...statement,
        importKind: 'value',
        exportKind: 'value',
        specifiers: statement.specifiers?.map(one => ({ ...one, importKind: 'value', exportKind: 'value' })),
      }
    : statement

/** Reads a file for the rule against circles: what is imported as a type is imported all the same. */
module.exports = {
  ...parser,
  parseForESLint(text, options) {
    const read = parser.parseForESLint(text, options)
    return { ...read, ast: { ...read.ast, body: read.ast.body.map(asValues) } }
  },
}
