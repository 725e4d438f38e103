/** (e^x − 1)/x, without loss near zero. */
export const phi1 = (x: number): number => x === 0 ? 1 : Math.expm1(x) / x
/** (e^x − 1 − x)/x², without loss near zero. */
export const phi2 = (x: number): number => Math.abs(x) < 1e-3 ? 0.5 + x / 6 + x * x / 24 + x ** 3 / 120 : (Math.expm1(x) - x) / (x * x)
