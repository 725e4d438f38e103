import { startRunning } from '../running'

export default defineNitroPlugin((nitro) => {
  const running = startRunning(process.env)
  nitro.hooks.hook('close', running.close)
})
