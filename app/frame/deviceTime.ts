import type { DeviceTime } from '#shared/hearing'

/** The two clocks of this device: see `#shared/hearing`. */
export const deviceTime = (): DeviceTime => ({ clockMs: Date.now(), runningMs: performance.now() })
