import { describe, expect, it } from 'vitest'
import { resolveSenml } from '#core/monitor/senml'

/** The examples that RFC 8428 prints (section 5.1; from memory), resolved as it resolves them. */
const NOW_S = 1_700_000_000

describe('sensor measurement lists', () => {
  it('reads a single datapoint (5.1.1)', () => {
    expect(resolveSenml([{ n: 'urn:dev:ow:10e2073a01080063', u: 'Cel', v: 23.1 }], NOW_S)).toEqual({
      resolved: [{ index: 0, name: 'urn:dev:ow:10e2073a01080063', unit: 'Cel', value: 23.1, timeS: NOW_S }],
      problems: [],
    })
  })
  it('puts base name and name together, and counts times from the base time (5.1.2)', () => {
    const { resolved } = resolveSenml(
      [
        { bn: 'urn:dev:ow:10e2073a0108006:', bt: 1.276020076001e9, bu: 'A', bver: 5, n: 'voltage', u: 'V', v: 120.1 },
        { n: 'current', t: -5, v: 1.2 },
        { n: 'current', t: -4, v: 1.3 },
        { n: 'current', t: -3, v: 1.4 },
        { n: 'current', t: -2, v: 1.5 },
        { n: 'current', t: -1, v: 1.6 },
        { n: 'current', v: 1.7 },
      ],
      NOW_S,
    )
    // As its section on resolved data prints them.
    expect(resolved.map(({ name, unit, value, timeS }) => [name.split(':').at(-1), unit, value, timeS])).toEqual([
      ['voltage', 'V', 120.1, 1.276020076001e9],
      ['current', 'A', 1.2, 1.276020071001e9],
      ['current', 'A', 1.3, 1.276020072001e9],
      ['current', 'A', 1.4, 1.276020073001e9],
      ['current', 'A', 1.5, 1.276020074001e9],
      ['current', 'A', 1.6, 1.276020075001e9],
      ['current', 'A', 1.7, 1.276020076001e9],
    ])
  })
  it('takes unit and time of the base where a record has none (5.1.3)', () => {
    const { resolved } = resolveSenml(
      [
        { bn: 'urn:dev:ow:10e2073a01080063', bt: 1.320067464e9, bu: '%RH', v: 20 },
        { u: 'lon', v: 24.30621 },
        { t: 60, v: 20.3 },
      ],
      NOW_S,
    )
    expect(resolved.map(({ unit, value, timeS }) => [unit, value, timeS])).toEqual([
      ['%RH', 20, 1320067464],
      ['lon', 24.30621, 1320067464],
      ['%RH', 20.3, 1320067524],
    ])
  })
  it('counts a time below 2^28 from now (4.5.3), and adds a base value (4.1)', () => {
    const { resolved } = resolveSenml([{ n: 'co', bv: 10, v: -1, t: -30 }, { n: 'co' }], NOW_S)
    expect(resolved.map(({ value, timeS }) => [value, timeS])).toEqual([[9, NOW_S - 30], [10, NOW_S]])
  })
  it('a record that only sets bases says nothing', () => {
    expect(resolveSenml([{ bn: 'bay-4:', bt: 1.7e9 }, { n: 'co', v: 3 }], NOW_S)).toMatchObject({
      resolved: [{ index: 1, name: 'bay-4:co', timeS: 1.7e9 }], problems: [],
    })
  })
  it('says what is wrong, record by record (4.4, 4.5.1)', () => {
    const records = [{ v: 1 }, { n: '-co', v: 1 }, { n: 'co', u: 'ppm' }, { n: 'co', v: 1, bver: 11 }, { n: 'co', v: 1, t: 1e14 }]
    const { problems } = resolveSenml(records, NOW_S)
    expect(problems.map(({ index, problem }) => [index, problem])).toEqual([
      [0, 'no-name'], [1, 'bad-name'], [2, 'no-value'], [3, 'newer-version'], [4, 'no-time'],
    ])
  })
})
