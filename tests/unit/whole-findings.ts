import { vi } from 'vitest'

// Before any test of the core: each finding it makes is looked at as a whole.
vi.mock('#core/findings/finding', async () => ({ finding: (await import('./whole-finding')).wholeFinding }))
