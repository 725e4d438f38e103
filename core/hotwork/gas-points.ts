/** Where a reading was taken, as the same words of different people: without regard to case and spaces. */
export const pointKey = (point: string): string => point.trim().toLowerCase().replaceAll(/\s+/g, ' ')
