/** Highest speed of a wheel by its rated rim speed, turns a minute: n = v/(π·D). Rounded down. Source: EN 12413, formula. */
export const wheelLimitRpm = (rimSpeedMPerS: number, diameterMm: number): number =>
  Math.floor((rimSpeedMPerS * 60_000) / (Math.PI * diameterMm))

/** Whether a wheel may be mounted: its marked speed is at least the tool's. Source: `usGrinder`. */
export const wheelSuitsTool = (wheelRpm: number, toolRpm: number): boolean => wheelRpm >= toolRpm
