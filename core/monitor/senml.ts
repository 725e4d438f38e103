/**
 * Sensor measurement lists (SenML, RFC 8428), read in their JSON form: a list of records of which each may set what those after it
 * rest on. Times below 2^28 s count from now; values and times are added to their bases; names are the base name and the name together.
 */

/** A record as it comes; only fields that a reading can have. */
export interface SenmlRecord {
  readonly bn?: string | undefined
  readonly bt?: number | undefined
  readonly bu?: string | undefined
  readonly bv?: number | undefined
  readonly bs?: number | undefined
  readonly bver?: number | undefined
  readonly n?: string | undefined
  readonly u?: string | undefined
  readonly v?: number | undefined
  readonly t?: number | undefined
  readonly ut?: number | undefined
}

/** A record with its bases in it. */
export interface ResolvedRecord {
  readonly index: number
  readonly name: string
  /** Null: none was given. */
  readonly unit: string | null
  readonly value: number
  /** Seconds since 1970. */
  readonly timeS: number
}

/** Why a record cannot be read: the field that is wrong, and how. */
export interface SenmlProblem {
  readonly index: number
  readonly field: 'n' | 'v' | 't' | 'bver'
  readonly problem: 'no-name' | 'bad-name' | 'no-value' | 'no-time' | 'newer-version'
}

/** No calendar goes further, s. */
const LATEST_S = 8.64e12
/** Times below this are counted from now, s. RFC 8428, 4.5.3. */
const RELATIVE_BELOW_S = 2 ** 28
/** The version that is read. RFC 8428, 4.4. */
const VERSION = 10
/** Characters of a whole name, and what it begins with. RFC 8428, 4.5.1. */
const WHOLE_NAME = /^[A-Za-z0-9][A-Za-z0-9:./_-]*$/

/**
 * Resolves records: what each says by itself. A record that only sets bases says nothing and is no fault.
 *
 * @param nowS seconds since 1970: what is told without an absolute time is of about now
 * @returns the records that say something, in their order; and every fault
 */
export function resolveSenml(
  records: readonly SenmlRecord[],
  nowS: number,
): { readonly resolved: readonly ResolvedRecord[], readonly problems: readonly SenmlProblem[] } {
  const resolved: ResolvedRecord[] = []
  const problems: SenmlProblem[] = []
  let base: Pick<SenmlRecord, 'bn' | 'bt' | 'bu' | 'bv'> = {}
  for (const [index, record] of records.entries()) {
    const { bn = base.bn, bt = base.bt, bu = base.bu, bv = base.bv, bver = VERSION, n, u, v, t, ut } = record
    base = { bn, bt, bu, bv }
    if (bver > VERSION) problems.push({ index, field: 'bver', problem: 'newer-version' })
    const onlyBases = n === undefined && u === undefined && v === undefined && t === undefined && ut === undefined
    if (onlyBases) continue
    const name = `${bn ?? ''}${n ?? ''}`
    if (name === '') problems.push({ index, field: 'n', problem: 'no-name' })
    else if (!WHOLE_NAME.test(name)) problems.push({ index, field: 'n', problem: 'bad-name' })
    if (v === undefined && bv === undefined) {
      problems.push({ index, field: 'v', problem: 'no-value' })
      continue
    }
    const time = (bt ?? 0) + (t ?? 0)
    const timeS = time < RELATIVE_BELOW_S ? nowS + time : time
    if (!Number.isFinite(timeS) || Math.abs(timeS) > LATEST_S) {
      problems.push({ index, field: 't', problem: 'no-time' })
      continue
    }
    resolved.push({ index, name, unit: u ?? bu ?? null, value: (bv ?? 0) + (v ?? 0), timeS })
  }
  return { resolved, problems }
}
