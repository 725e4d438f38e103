/** A drop of hot metal as it leaves the work. */
export interface Spark {
  readonly diameterM: number
  readonly speedMPerS: number
  /** Above the horizontal, radians, -π/2 to π/2. */
  readonly elevationRad: number
  /** Away from where the wind blows to, radians; 0 flies with the wind. */
  readonly azimuthRad: number
  /** When it leaves, °C. */
  readonly temperatureC: number
}

/** Where a spark comes down: how far away in plan, m, after how long, s, and how hot, °C. */
export interface Landing { readonly distanceM: number, readonly timeS: number, readonly temperatureC: number }

/** Constants of the model, SI. Steel drop, air at 20 °C; lumped cooling by convection and radiation. */
export const FLIGHT = {
  steelKgPerM3: 7000, steelJPerKgK: 700, fusionJPerKg: 250_000, meltsAtC: 1530, emissivity: 0.7,
  airKgPerM3: 1.2, airViscosityPaS: 1.81e-5, airWPerMK: 0.045, airC: 20, gravityMPerS2: 9.81,
  /** Below this a landed drop no longer lights what is commonly about, °C. */
  hotAtC: 600,
} as const

const STEFAN_BOLTZMANN = 5.670374419e-8
/** Step of the integration, s: halving it moves no landing by a centimetre. */
const STEP_S = 0.01
/** Nothing this small stays up longer, s; a guard against a loop without end. */
const LONGEST_S = 60

/** Drag coefficient of a sphere (Schiller and Naumann; constant above Re 1000). */
export const sphereDrag = (reynolds: number): number =>
  reynolds > 1000 ? 0.44 : (24 / Math.max(reynolds, 1e-9)) * (1 + 0.15 * reynolds ** 0.687)

interface Moving { readonly x: number, readonly y: number, readonly z: number, readonly u: number, readonly v: number, readonly w: number }

/** Acceleration of a sphere in a steady wind along x, m/s². */
export function acceleration(
  { u, v, w }: Pick<Moving, 'u' | 'v' | 'w'>,
  diameterM: number,
  windMPerS: number,
): readonly [number, number, number] {
  const { airKgPerM3, airViscosityPaS, steelKgPerM3, gravityMPerS2 } = FLIGHT
  const [du, dv, dw] = [u - windMPerS, v, w]
  const relative = Math.hypot(du, dv, dw)
  const k
    = ((0.75 * airKgPerM3) / steelKgPerM3 / diameterM) * sphereDrag((airKgPerM3 * relative * diameterM) / airViscosityPaS) * relative
  return [-k * du, -k * dv, -k * dw - gravityMPerS2]
}

/** Heat that a drop loses through its surface, W/m². */
function lossWPerM2(temperatureC: number, relativeMPerS: number, diameterM: number): number {
  const { airKgPerM3, airViscosityPaS, airWPerMK, airC, emissivity } = FLIGHT
  const reynolds = airKgPerM3 * relativeMPerS * diameterM / airViscosityPaS
  const convective = (2 + 0.53 * Math.sqrt(reynolds)) * airWPerMK / diameterM * (temperatureC - airC)
  return convective + emissivity * STEFAN_BOLTZMANN * ((temperatureC + 273.15) ** 4 - (airC + 273.15) ** 4)
}

/** Temperature of steel by the heat in it above the melting point's solid, J/kg: solid below, a plateau, liquid above. */
const temperatureOf = (heatJPerKg: number): number => {
  const { steelJPerKgK, fusionJPerKg, meltsAtC } = FLIGHT
  if (heatJPerKg < 0) return meltsAtC + heatJPerKg / steelJPerKgK
  return heatJPerKg <= fusionJPerKg ? meltsAtC : meltsAtC + (heatJPerKg - fusionJPerKg) / steelJPerKgK
}
const heatOf = (temperatureC: number): number => {
  const { steelJPerKgK, fusionJPerKg, meltsAtC } = FLIGHT
  return (temperatureC - meltsAtC) * steelJPerKgK + (temperatureC > meltsAtC ? fusionJPerKg : 0)
}

/**
 * How far does a spark fly before it comes down on a flat floor, and how hot is it there?
 * Drag on a sphere, gravity, a steady horizontal wind; cooling by convection and radiation with the heat of fusion.
 * Left out, each on its own account: heat of oxidation, bounce and roll, gusts, walls.
 *
 * @param heightM of the work above the floor, 0 or more
 * @param windMPerS 0 or more
 * Source: derived; drag by Schiller and Naumann, Nusselt number 2 + 0.53 √Re (from memory).
 */
export function sparkLanding(
  { diameterM, speedMPerS, elevationRad, azimuthRad, temperatureC }: Spark,
  heightM: number,
  windMPerS: number,
): Landing {
  const flat = speedMPerS * Math.cos(elevationRad)
  let at: Moving = {
    x: 0,
    y: 0,
    z: heightM,
    u: flat * Math.cos(azimuthRad),
    v: flat * Math.sin(azimuthRad),
    w: speedMPerS * Math.sin(elevationRad),
  }
  let heat = heatOf(temperatureC)
  const perKg = 6 / (FLIGHT.steelKgPerM3 * diameterM)
  for (let timeS = 0; timeS < LONGEST_S; timeS += STEP_S) {
    const next = step(at, diameterM, windMPerS)
    const cooled = heat - STEP_S * perKg * lossWPerM2(temperatureOf(heat), Math.hypot(at.u - windMPerS, at.v, at.w), diameterM)
    if (next.z <= 0 && next.w < 0) {
      const share = at.z === next.z ? 0 : Math.max(0, at.z) / (at.z - next.z)
      return {
        distanceM: Math.hypot(at.x + share * (next.x - at.x), at.y + share * (next.y - at.y)),
        timeS: timeS + share * STEP_S,
        temperatureC: temperatureOf(heat + share * (cooled - heat)),
      }
    }
    at = next
    heat = cooled
  }
  return { distanceM: Math.hypot(at.x, at.y), timeS: LONGEST_S, temperatureC: temperatureOf(heat) }
}

/** One step of the midpoint rule. */
function step(at: Moving, diameterM: number, windMPerS: number): Moving {
  const [ax, ay, az] = acceleration(at, diameterM, windMPerS)
  const half = STEP_S / 2
  const middle = { u: at.u + half * ax, v: at.v + half * ay, w: at.w + half * az }
  const [bx, by, bz] = acceleration(middle, diameterM, windMPerS)
  return {
    x: at.x + STEP_S * middle.u,
    y: at.y + STEP_S * middle.v,
    z: at.z + STEP_S * middle.w,
    u: at.u + STEP_S * bx,
    v: at.v + STEP_S * by,
    w: at.w + STEP_S * bz,
  }
}
