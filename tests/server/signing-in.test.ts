import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { addressFrom } from '#server/address'
import { signerOf } from '#server/commands/signature'
import { setLogin, setPin } from '#server/database/credential'
import { cleanFailedTries, giveBack, pinSubject, returnTry, signInSubjects, takeTry, waitAfterS } from '#server/database/failed-try'
import { narrowDoor, TooBusy } from '#server/hashing'
import { hashSecret } from '#server/secrets'
import type { SignedIn } from '#server/signed-in'
import { count, MORNING, openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())
beforeEach(() => shop.pool.query('delete from failed_try'))

const later = (seconds: number) => new Date(Date.parse(MORNING) + seconds * 1000).toISOString()
const STRANGER = { deviceId: null, address: '10.0.0.9' }
const take = (subjects: ReturnType<typeof signInSubjects>, seconds = 0) => takeTry(shop.pool, subjects, later(seconds))
const together = async (times: number, subjects: (i: number) => ReturnType<typeof signInSubjects>) =>
  (await Promise.all(Array.from({ length: times }, (_, i) => take(subjects(i))))).filter(until => until === null).length

describe('tries to sign in', () => {
  it('are counted before they are made: of two hundred at once five are looked at', async () => {
    expect(await together(200, () => signInSubjects('Maren', STRANGER))).toBe(5)
    expect(await take(signInSubjects('MAREN', STRANGER))).toBe(later(15))
  })
  it('wait twice as long each time, a quarter of an hour at the most', () => {
    expect([1, 4, 5, 6, 7, 40].map(tries => waitAfterS(tries, 4))).toEqual([0, 0, 15, 30, 60, 900])
  })
  it('of a stranger lock nobody out on a device that the site knows', async () => {
    await together(50, () => signInSubjects('maren', STRANGER))
    expect(await take(signInSubjects('maren', { deviceId: 'tablet-4', address: STRANGER.address }))).toBeNull()
    // Nor at another address.
    expect(await take(signInSubjects('maren', { deviceId: null, address: '10.0.0.10' }))).toBeNull()
  })
  it('with one name after another from one address come to an end too; right ones are given back', async () => {
    expect(await together(100, i => signInSubjects(`name-${i}`, STRANGER))).toBe(41)
    await shop.pool.query('delete from failed_try')
    for (let i = 0; i < 60; i++) {
      const subjects = signInSubjects(`learner-${i}`, STRANGER)
      expect(await take(subjects)).toBeNull()
      await giveBack(shop.pool, subjects)
    }
  })
  it('are forgotten after a right one, after a quiet hour, and then dropped', async () => {
    const subjects = signInSubjects('maren', { deviceId: 'tablet-4', address: '' })
    for (let i = 0; i < 5; i++) await take(subjects)
    expect(await take(subjects, 14)).toBe(later(15))
    expect(await take(subjects, 16)).toBeNull()
    await giveBack(shop.pool, subjects)
    for (let i = 0; i < 4; i++) expect(await take(subjects, 17)).toBeNull()
    expect(await take(subjects, 17 + 3601)).toBeNull()
    const { rows } = await shop.pool.query<{ tries: number }>('select tries from failed_try')
    expect(rows).toEqual([{ tries: 1 }])
    expect(await cleanFailedTries(shop.pool, later(17 + 3601 + 3599))).toBe(0)
    expect(await cleanFailedTries(shop.pool, later(17 + 3601 + 3601))).toBe(1)
    expect(await count(shop.pool, 'select count(*) from failed_try')).toBe(0)
  })
  it('that nobody had time to look at are given back, with their wait', async () => {
    const subjects = signInSubjects('maren', STRANGER)
    for (let i = 0; i < 5; i++) await take(subjects)
    await returnTry(shop.pool, subjects)
    expect(await take(subjects)).toBeNull()
    expect(await take(subjects)).toBe(later(15))
  })
})

describe('the address of a stranger', () => {
  it.each([
    ['10.0.0.1', undefined, false, '10.0.0.1'],
    ['10.0.0.1', '1.2.3.4', false, '10.0.0.1'],
    ['10.0.0.1', '6.6.6.6, 1.2.3.4', true, '1.2.3.4'],
    ['10.0.0.1', '1.2.3.4', true, '1.2.3.4'],
    ['10.0.0.1', undefined, true, '10.0.0.1'],
    ['10.0.0.1', ' , ', true, '10.0.0.1'],
    [undefined, undefined, true, 'unknown'],
  ])('on the line %s, with %s forwarded, our own proxy %s: %s', (line, forwarded, isProxyOurs, address) =>
    expect(addressFrom(line, forwarded, isProxyOurs)).toBe(address),
  )
})

describe('a PIN', () => {
  it('tried a hundred times at once, the right one among them late, signs nothing', async () => {
    await setLogin(shop.pool, shop.siteId, 'maren', 'maren', 'none')
    await setPin(shop.pool, shop.siteId, 'maren', await hashSecret('2806'))
    const who = {
      siteId: shop.siteId,
      person: { personId: 'teo' },
      holder: { roles: ['learner'], areaId: null, bayId: null },
    } as unknown as SignedIn
    const tried = await Promise.all(
      Array.from({ length: 100 }, (_, i) => signerOf(shop.door, who, { personId: 'maren', pin: i === 60 ? '2806' : String(1000 + i) })),
    )
    const refusals = tried.flatMap(one => ('refused' in one ? one.refused.map(({ code }) => code) : ['signed']))
    expect(
      refusals.filter(code => code === 'command.pin-wrong').length + refusals.filter(code => code === 'signed').length,
    ).toBeLessThanOrEqual(5)
    expect(refusals.filter(code => code === 'command.pin-locked').length).toBeGreaterThanOrEqual(95)
    // Whoever tries on a session of their own has locked themselves out, and not her.
    expect(await takeTry(shop.pool, [pinSubject(shop.siteId, 'maren', 'maren')], MORNING)).toBeNull()
  })
})

describe('a narrow door', () => {
  it('lets two through at a time, some wait, and the rest are told at once', async () => {
    const door = narrowDoor(2, 3)
    let inside = 0
    let most = 0
    const work = async () => {
      most = Math.max(most, ++inside)
      await new Promise(resolve => setTimeout(resolve, 5))
      inside--
      return 'done'
    }
    const answers = Array.from({ length: 8 }, () =>
      door(work).catch((error: unknown) => (error instanceof TooBusy ? 'too busy' : 'else')),
    )
    const said = await Promise.all(answers)
    expect(most).toBe(2)
    expect(said.filter(answer => answer === 'done')).toHaveLength(5)
    expect(said.filter(answer => answer === 'too busy')).toHaveLength(3)
  })
  it('a work that fails leaves its place to the next', async () => {
    const door = narrowDoor(1, 1)
    await expect(door(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
    await expect(door(() => Promise.resolve(7))).resolves.toBe(7)
  })
})
