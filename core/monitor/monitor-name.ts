/** Names as RFC 8428 lets an instrument bear them, at most so long that an id can be made of them. */
export const SENML_NAME = /^[A-Za-z0-9][A-Za-z0-9:./_-]{0,63}$/

/** The id of the monitor that bears a name: one name, one monitor. @example monitorIdOf('urn:dev:ow:10e2:co') // 'urn-dev-ow-10e2-co' */
export const monitorIdOf = (senmlName: string): string => senmlName.toLowerCase().replace(/[^a-z0-9]/g, '-')
