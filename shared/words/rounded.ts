/** Rounded up to a step, as it is written: what harms is never said smaller than it is. */
export const up = (value: number, step = 1): string => String(Number((Math.ceil(value / step - 1e-9) * step).toFixed(3)))
/** Rounded down to a step, as it is written: what protects is never said larger than it is. */
export const down = (value: number, step = 1): string => String(Number((Math.floor(value / step + 1e-9) * step).toFixed(3)))
/** A time that is allowed, in seconds or whole minutes, rounded down. */
export const allowedTime = (s: number): string => (s < 120 ? `${down(s, s < 10 ? 0.1 : 1)} s` : `${down(s / 60)} min`)
