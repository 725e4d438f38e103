import { writeFileSync } from 'node:fs'
import path from 'node:path'
import { rightsTable } from './rights-table'

// `npm run rights`: writes docs/rights.md anew from the code.
writeFileSync(path.resolve(import.meta.dirname, '../docs/rights.md'), rightsTable())
