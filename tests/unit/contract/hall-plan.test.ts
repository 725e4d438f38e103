import { expect, it } from 'vitest'
import { payloadSchemas } from '#shared/contract/command-schemas'

const PLAN = {
  outline: { xM: 0, yM: 0, lengthM: 20, widthM: 12 },
  things: [{ kind: 'wall', xM: 10, yM: 6, towardsDeg: 90, lengthM: 4 }],
  ductsAt: { main: { xM: 3, yM: 1 } },
  hoodsTowardsDeg: { 'bay-1': 270 },
}
const pathsOf = (plan: unknown) =>
  payloadSchemas['hall.lay-out'].safeParse({ plan }).error?.issues.map(({ path }) => path.slice(1).join('.')) ?? []

it('draws a hall, or takes its drawing out', () => {
  expect(pathsOf(PLAN)).toEqual([])
  expect(pathsOf(null)).toEqual([])
})

it.each<[what: string, change: object, path: string]>([
  ['no length', { outline: { ...PLAN.outline, lengthM: 0 } }, 'outline.lengthM'],
  ['a place off the grid', { outline: { ...PLAN.outline, xM: 2000 } }, 'outline.xM'],
  ['a thing that nobody draws', { things: [{ ...PLAN.things[0], kind: 'roof' }] }, 'things.0.kind'],
  ['a way that is none', { things: [{ ...PLAN.things[0], towardsDeg: 400 }] }, 'things.0.towardsDeg'],
  ['a thing of no number', { things: [{ ...PLAN.things[0], xM: 'there' }] }, 'things.0.xM'],
  ['more things than anybody draws', { things: Array.from({ length: 201 }, () => PLAN.things[0]) }, 'things'],
  ['more meeting points than ducts', { ductsAt: Object.fromEntries(Array.from({ length: 121 }, (_, i) => [`d${i}`, { xM: 0, yM: 0 }])) }, 'ductsAt'],
  ['a side that is none', { hoodsTowardsDeg: { 'bay-1': -1 } }, 'hoodsTowardsDeg.bay-1'],
])('refuses %s, and says where', (_, change, path) => {
  expect(pathsOf({ ...PLAN, ...change })).toEqual([path])
})
