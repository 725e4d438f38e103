import { readTrouble } from '../../database/deadline'
import { api } from '../../http'
import { useRunning } from '../../running'

/** Is this process up, does it reach the database, is there a clock that could not do its work, and how long does work wait? */
export default api(async () => {
  const { pool, loopDelay } = useRunning()
  const trouble = await readTrouble(pool, null, 1000)
  return {
    ok: true,
    eventLoop: loopDelay.read(),
    database: { connections: pool.totalCount, waiting: pool.waitingCount },
    clocks: { setAside: trouble.length, kinds: [...new Set(trouble.map(({ kind }) => kind))], oldestDueAt: trouble[0]?.dueAt ?? null },
  }
})
