import { readTrouble } from '../../database/deadline'
import { api } from '../../http'
import { useRunning } from '../../running'

/** Is this process up, does it reach the database, and is there a clock that could not do its work? */
export default api(async () => {
  const trouble = await readTrouble(useRunning().pool, null, 1000)
  return { ok: true, clocks: { setAside: trouble.length, kinds: [...new Set(trouble.map(({ kind }) => kind))], oldestDueAt: trouble[0]?.dueAt ?? null } }
})
