import { expect, it } from 'vitest'
import { payloadSchemas } from '#shared/contract/command-schemas'

const duct = (id: string, into: string | null) => ({ id, into, lengthM: 6, diameterM: 0.2, wall: 'galvanised', lossCoefficient: 1 })
const hood = (bayId: string, ductId: string) => ({ bayId, ductId, entry: 'flanged-end', foundWith: 'own-open' })
const system = {
  fan: [{ flowM3PerS: 0, pressurePa: 1500 }, { flowM3PerS: 1.5, pressurePa: 100 }],
  ducts: [duct('main', null), duct('to 1', 'main'), duct('to 2', 'main')],
  hoods: [hood('bay-1', 'to 1'), hood('bay-2', 'to 2')],
}
const pathsOf = (ducts: unknown) =>
  payloadSchemas['hall.lay-ducts'].safeParse({ ducts }).error?.issues.map(({ path }) => path.slice(1).join('.')) ?? []

it('lays ducts that lead to a fan, or none', () => {
  expect(pathsOf(system)).toEqual([])
  expect(pathsOf(null)).toEqual([])
})
it.each<[string, unknown, string]>([
  ['a curve that does not say what one hood alone may draw', [{ flowM3PerS: 0.1, pressurePa: 1500 }, system.fan[1]], 'fan.0.flowM3PerS'],
  ['a curve that rises', [{ flowM3PerS: 0, pressurePa: 10 }, system.fan[1]], 'fan.1.pressurePa'],
])('refuses %s, by name', (_what, fan, path) => {
  expect(pathsOf({ ...system, fan })).toContain(path)
})
it.each<[string, object, string]>([
  ['a way that goes round', { ducts: [duct('main', 'to 1'), duct('to 1', 'main'), duct('to 2', 'main')] }, 'ducts.0.into'],
  ['a duct that leads nowhere', { ducts: [duct('main', null), duct('to 1', 'mian'), duct('to 2', 'main')] }, 'ducts.1.into'],
  ['two hoods at one end', { hoods: [hood('bay-1', 'to 1'), hood('bay-2', 'to 1')] }, 'hoods.1.ductId'],
  ['a bay that hangs on it twice', { hoods: [hood('bay-1', 'to 1'), hood('bay-1', 'to 2')] }, 'hoods.1.bayId'],
  ['a hood in the middle of a duct', { hoods: [hood('bay-1', 'main')] }, 'ducts.1.into'],
  ['no hood', { hoods: [] }, 'hoods'],
])('refuses %s, by name', (_what, over, path) => {
  expect(pathsOf({ ...system, ...over })).toContain(path)
})
