import { api } from '../../http'
import { useRunning } from '../../running'

/** Is this process up, and does it reach the database? */
export default api(async () => {
  await useRunning().pool.query('select 1')
  return { ok: true }
})
