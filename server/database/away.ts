/** How a connection says that nobody is there: of the system, and of the database as it goes down, comes up, or has no place left. */
const SYSTEM_CODES = new Set(['ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', 'EHOSTUNREACH', 'ENETUNREACH', 'ETIMEDOUT', 'EPIPE'])
const DATABASE_CODES = new Set(['57P01', '57P02', '57P03', '57P05', '53300', '57014', '55P03', '3D000'])
/** Said by the driver itself, which gives them no code. */
const SAID = [
  'Connection terminated',
  'timeout exceeded when trying to connect',
  'Query read timeout',
  'Client has encountered a connection error',
  'Connection ended unexpectedly',
]

/** Is this the database being away, or too slow to answer? Then nothing is wrong with what was asked, and it may be asked again. */
export function isDatabaseAway(error: unknown): boolean {
  if (error instanceof AggregateError) return error.errors.some(isDatabaseAway)
  if (!(error instanceof Error)) return false
  const { code } = error as { code?: string }
  if (code !== undefined && (SYSTEM_CODES.has(code) || DATABASE_CODES.has(code) || code.startsWith('08'))) return true
  return SAID.some(begin => error.message.startsWith(begin))
}
