import { describe, expect, it } from 'vitest'
import { oneSlipApart, readLine } from '#core/commandline/read-line'

describe('the command line', () => {
  it.each([
    ['mig 180 galvanised', { process: 'gmaw', currentA: 180, coating: 'zinc' }],
    ['tig 90 stainless overhead', { process: 'gtaw', currentA: 90, baseMetal: 'stainless-steel', position: 'overhead' }],
    ['TIG 90 SS overhead', { process: 'gtaw', currentA: 90, baseMetal: 'stainless-steel', position: 'overhead' }],
    ['stick 80-120 3.2 mm 7018', { process: 'smaw', currentRangeA: [80, 120], electrodeDiameterMm: 3.2, consumable: 'e7018' }],
    ['stick 80 to 120', { process: 'smaw', currentRangeA: [80, 120] }],
    ['stick 1/8" painted stripped', { process: 'smaw', electrodeDiameterMm: 3.175, coating: 'paint', coatingStripped: true }],
    ['plasma cut 45', { process: 'pac', currentA: 45 }], ['plasma 45a', { process: 'pac', currentA: 45 }], ['plasma weld 20', { process: 'paw', currentA: 20 }],
    ['gas cut 12mm', { process: 'ofc', plateThicknessMm: 12 }], ['gas weld 3mm', { process: 'ofw', plateThicknessMm: 3 }], ['flux core 210', { process: 'fcaw-g', currentA: 210 }],
    ['gasless 150', { process: 'fcaw-s', currentA: 150 }], ['air arc 300', { process: 'cac-a', currentA: 300 }], ['braze', { process: 'tb' }], ['grind galv', { process: 'grinding', coating: 'zinc' }],
    ['mig 180 galvanzied stainles', { process: 'gmaw', currentA: 180, coating: 'zinc', baseMetal: 'stainless-steel' }],
    ['mig 200 12mm 1.2mm', { process: 'gmaw', currentA: 200, plateThicknessMm: 12, electrodeDiameterMm: 1.2 }],
  ])('%s', (line, job) => expect(readLine(line).job).toEqual(job))
  it('names a bay, and hands back what it does not understand', () => {
    expect(readLine('bay 4')).toEqual({ bayLabel: '4', job: {}, unread: [] })
    expect(readLine('imke tarrow').unread).toEqual(['imke', 'tarrow'])
    expect(readLine('').job).toEqual({})
  })
  it('forgives one slip and not two', () => {
    expect([oneSlipApart('steel', 'stele'), oneSlipApart('steel', 'stel'), oneSlipApart('steel', 'steell'), oneSlipApart('steel', 'stool')]).toEqual([true, true, true, false])
  })
})
