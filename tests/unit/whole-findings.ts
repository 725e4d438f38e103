import { vi } from 'vitest'
import type * as Findings from '#core/findings/finding'

// Before any test of the core: each finding it makes is looked at as a whole; what else is said of findings stays as it is.
vi.mock('#core/findings/finding', async original => ({
  ...await original<typeof Findings>(),
  finding: (await import('./whole-finding')).wholeFinding,
}))
