import type { Rule } from 'eslint'

/** `import-x/no-cycle`, types counted. */
export const noCircle: Rule.RuleModule
