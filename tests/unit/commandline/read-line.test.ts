import { describe, expect, it } from 'vitest'
import { readLine } from '#core/commandline/read-line'
import { oneSlipApart } from '#core/commandline/vocabulary'

describe('the command line', () => {
  it.each([
    ['mig 180 galvanised', { process: 'gmaw', currentA: 180, coating: 'zinc' }],
    ['tig 90 stainless overhead', { process: 'gtaw', currentA: 90, baseMetal: 'stainless-steel', position: 'overhead' }],
    ['TIG 90 SS overhead', { process: 'gtaw', currentA: 90, baseMetal: 'stainless-steel', position: 'overhead' }],
    ['stick 80-120 3.2 mm 7018', { process: 'smaw', currentRangeA: [80, 120], electrodeDiameterMm: 3.2, consumable: 'e7018' }],
    ['stick 80 to 120', { process: 'smaw', currentRangeA: [80, 120] }],
    ['stick 1/8" painted stripped', { process: 'smaw', electrodeDiameterMm: 3.175, coating: 'paint', coatingStripped: true }],
    ['plasma cut 45', { process: 'pac', currentA: 45 }],
    ['plasma weld 20', { process: 'paw', currentA: 20 }],
    ['gas cut 12mm', { process: 'ofc', plateThicknessMm: 12 }],
    ['gas weld 3mm', { process: 'ofw', plateThicknessMm: 3 }],
    ['flux core mix 210', { process: 'fcaw-g', currentA: 210, shieldingGas: 'argon-co2' }],
    ['gasless 150', { process: 'fcaw-s', currentA: 150 }],
    ['air arc 300', { process: 'cac-a', currentA: 300 }],
    ['braze', { process: 'tb' }],
    ['grind galv', { process: 'grinding', coating: 'zinc' }],
    ['mig 180 galvanzied stainles', { process: 'gmaw', currentA: 180, coating: 'zinc', baseMetal: 'stainless-steel' }],
    ['mig 200 12mm 1.2mm', { process: 'gmaw', currentA: 200, plateThicknessMm: 12, electrodeDiameterMm: 1.2 }],
    ['stick 140 3.2', { process: 'smaw', currentA: 140, electrodeDiameterMm: 3.2 }],
    ['tig 120 gas argon', { process: 'gtaw', currentA: 120, shieldingGas: 'argon' }],
    ['tig rod 2.4mm 120', { process: 'gtaw', currentA: 120, electrodeDiameterMm: 2.4 }],
    ['plasma cut 40 arc visible', { process: 'pac', currentA: 40 }],
    ['oxy-acetylene cutting 20 mm', { process: 'ofc', fuelGas: 'acetylene', plateThicknessMm: 20 }],
    ['oxy propane cutting 20mm', { process: 'ofc', fuelGas: 'propane', plateThicknessMm: 20 }],
    ['gasless flux core wire 200', { process: 'fcaw-s', currentA: 200 }],
    ['rod 3.2mm 120a', { process: 'smaw', currentA: 120, electrodeDiameterMm: 3.2 }],
    ['mig 180 plate 2 mm', { process: 'gmaw', currentA: 180, plateThicknessMm: 2 }],
    ['oxyacetylene welding 3mm', { process: 'ofw', fuelGas: 'acetylene', plateThicknessMm: 3 }],
    ['mig 180 acero dulce', { process: 'gmaw', currentA: 180, baseMetal: 'mild-steel' }],
    ['soldadura fuerte', { process: 'tb' }],
    ['soldadura blanda', { process: 'ts' }],
    ['mig 180 galvanizado', { process: 'gmaw', currentA: 180, coating: 'zinc' }],
    ['TIG 90 inoxidable sobre cabeza', { process: 'gtaw', currentA: 90, baseMetal: 'stainless-steel', position: 'overhead' }],
    ['varilla 3.2 mm 120 a latón limpio', {
      process: 'smaw', electrodeDiameterMm: 3.2, currentA: 120, baseMetal: 'brass', coating: 'none',
    }],
    ['oxicorte con acetileno, placa 12 mm', { process: 'ofc', fuelGas: 'acetylene', plateThicknessMm: 12 }],
    ['corte plasma 45 aluminio', { process: 'pac', currentA: 45, baseMetal: 'aluminium' }],
    ['mig 180a argon-co2', { process: 'gmaw', currentA: 180, shieldingGas: 'argon-co2' }],
  ])('%s', (line, job) => expect([readLine(line).job, readLine(line).doubts, readLine(line).unread]).toEqual([job, [], []]))
  it.each([
    ['mig tig 180', ['gmaw', 'gtaw']],
    ['flux core wire 200', ['fcaw-g', 'fcaw-s']],
    ['plasma 45a', ['pac', 'paw']],
    ['cutting 20mm', ['pac', 'ofc']],
    ['oxy-acetylene 20 mm', ['ofw', 'ofc', 'tb']],
    ['wire 200', ['gmaw', 'fcaw-g', 'fcaw-s']],
  ])('%s can be meant in more than one way: it asks, and takes none of them', (line, processes) => {
    const { job, doubts } = readLine(line)
    expect([job.process, doubts.find(({ options }) => options[0]!.job.process)?.options.map(option => option.job.process)]).toEqual([
      undefined,
      processes,
    ])
  })
  it.each([
    ['mig 180 200', [180, 200]],
    ['stick 5', [5]],
    ['stick 100-140 160', [160]],
    ['gas cut 20', []],
  ] as const)('%s: a number that can be two things is asked for', (line, currents) => {
    const { job, doubts } = readLine(line)
    expect([job.currentA, doubts.flatMap(({ options }) => options.flatMap(option => option.job.currentA ?? []))]).toEqual([
      undefined,
      currents,
    ])
  })
  it('two words of one kind that say different things are a doubt, not the last of them', () => {
    expect(readLine('tig 90 stainless aluminium')).toMatchObject({
      doubts: [
        { words: 'stainless aluminium', options: [{ job: { baseMetal: 'stainless-steel' } }, { job: { baseMetal: 'aluminium' } }] },
      ],
    })
  })
  it('each option is a whole line in which that doubt is gone and the rest is kept', () => {
    for (const line of [
      'mig 180 tig', 'flux core 1.2mm wire 200', 'plasma 45a', 'cutting 20mm', 'mig 180 200', 'stick 5', 'oxy-acetylene 20 mm',
      'bay 4 gas cut 20',
    ]) {
      for (const { words, options } of readLine(line).doubts) {
        for (const { line: chosen, job } of options) {
          const read = readLine(chosen)
          expect(
            read.doubts.map(doubt => doubt.words),
            `${line}: ${chosen}`,
          ).not.toContain(words)
          expect(read.job).toMatchObject(job)
          expect(read.bayLabel).toBe(readLine(line).bayLabel)
        }
      }
    }
  })
  it('names a bay, and hands back what it does not understand', () => {
    expect(readLine('bay 4')).toEqual({ bayLabel: '4', job: {}, doubts: [], unread: [] })
    expect(readLine('imke tarrow').unread).toEqual(['imke', 'tarrow'])
    expect(readLine('').job).toEqual({})
  })
  it('forgives one slip and not two', () => {
    expect([
      oneSlipApart('steel', 'stele'),
      oneSlipApart('steel', 'stel'),
      oneSlipApart('steel', 'steell'),
      oneSlipApart('steel', 'stool'),
    ]).toEqual([true, true, true, false])
  })
  const others = ['mig 180 corten', 'dulce', 'fuerte', 'ana de la cruz']
  it.each(others)('%s: another trade word or somebody\'s name is no word of a job', (line) => {
    const { job, unread } = readLine(line)
    expect(unread.join(' ')).toBe(line.replace('mig 180 ', ''))
    expect(Object.keys(job).filter(field => field !== 'process' && field !== 'currentA')).toEqual([])
  })
})
