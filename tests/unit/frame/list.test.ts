import { nextTick } from 'vue'
import { describe, expect, it } from 'vitest'
import type { TableColumnOf } from '~/frame/table'
import { useList } from '~/frame/useList'

interface Row { readonly tag: string, readonly left: number }
const ROWS: readonly Row[] = [{ tag: 'OX-10', left: 3 }, { tag: 'OX-9', left: 12 }, { tag: 'ÁR-1', left: 0 }]
const columns: readonly TableColumnOf<Row>[] = [
  { id: 'tag', header: 'Tag', said: ({ tag }) => tag, by: true },
  { id: 'left', header: 'Left', said: ({ left }) => `${left} m³`, by: ({ left }) => left, taken: ({ left }) => left },
  { id: 'keys', header: 'Keys' },
]
const tagsOf = (rows: readonly Row[]) => rows.map(({ tag }) => tag)
const listOf = (atOnce?: number) => useList<Row>(() => ROWS, () => columns, atOnce)

describe('a list', () => {
  it('stands as it comes until somebody asks', () => {
    const list = listOf()
    expect(list.isAsked).toBe(false)
    expect(tagsOf(list.drawn)).toEqual(['OX-10', 'OX-9', 'ÁR-1'])
  })

  it('is narrowed by every word typed, whatever its marks and capitals', () => {
    const list = listOf()
    list.sought = ' ar '
    expect([list.isAsked, ...tagsOf(list.found)]).toEqual([true, 'ÁR-1'])
    list.sought = 'ox 12'
    expect(tagsOf(list.found)).toEqual(['OX-9'])
    list.sought = '   '
    expect([list.isAsked, list.found.length]).toEqual([false, 3])
  })

  it('is sorted by figures as figures, by tags as people count them, up, down, and as it came', () => {
    const list = listOf()
    list.turn('left')
    expect(tagsOf(list.drawn)).toEqual(['ÁR-1', 'OX-10', 'OX-9'])
    list.turn('tag')
    expect(tagsOf(list.drawn)).toEqual(['ÁR-1', 'OX-9', 'OX-10'])
    list.turn('tag')
    expect([list.directionOf('tag'), ...tagsOf(list.drawn)]).toEqual(['down', 'OX-10', 'OX-9', 'ÁR-1'])
    list.turn('tag')
    expect([list.directionOf('tag'), ...tagsOf(list.drawn)]).toEqual([null, 'OX-10', 'OX-9', 'ÁR-1'])
  })

  it('shows so many rows at a time, and begins anew when it is asked for something else', async () => {
    const list = listOf(2)
    expect([list.drawn.length, list.left]).toEqual([2, 1])
    list.more()
    expect([list.drawn.length, list.left]).toEqual([3, 0])
    list.sought = 'o'
    await nextTick()
    list.sought = ''
    await nextTick()
    expect([list.drawn.length, list.left]).toEqual([2, 1])
  })

  it('is taken out as it is found and sorted, with what another program reads', () => {
    const list = listOf()
    list.sought = 'ox'
    list.turn('left')
    expect(list.taken()).toEqual({ fields: ['Tag', 'Left'], data: [['OX-10', 3], ['OX-9', 12]] })
  })
})
