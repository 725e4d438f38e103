import type { BeamConvention } from '#core/ids/protection-ids'

/** To where a beam is measured, as it is written. */
export const shownConvention = (id: BeamConvention): string => (id === '1/e' ? '1/e' : '1/e²')
