import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { addressFrom, beganHere } from '#server/address'
import { inTransaction } from '#server/database/connection'
import { signerOf } from '#server/door/signature'
import { holdCredential, offerCode, readCredential, setLogin, setPassword, setPin, takeCode } from '#server/tables/credential'
import { dropDevice, dropDevicesOf, keepDevice, nameDevice, readDevice } from '#server/tables/device'
import { cleanFailedTries, giveBack, pinSubject, returnTry, signInSubjects, takeTry, waitAfterS } from '#server/tables/failed-try'
import { countScreens, noteScreen } from '#server/tables/permit'
import { cleanSessions, openSession, readSession } from '#server/tables/session'
import { narrowDoor, TooBusy } from '#server/hashing'
import { codeSha256, hashSecret } from '#server/secrets'
import type { SignedIn } from '#server/signed-in'
import { count, MORNING, openShop } from './shop'
import type { Shop } from './shop'
import { personStream } from '#core/ids/streams'

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

describe('a PIN that signs nothing', () => {
  const who = {
    siteId: 'yard',
    person: { personId: 'teo' },
    holder: { roles: ['learner'], areaId: null, bayId: null },
  } as unknown as SignedIn
  const sign = async () => {
    const signer = await signerOf(shop.door, who, { personId: 'maren', pin: '2806' })
    return 'refused' in signer ? signer.refused.map(({ code }) => code) : 'signed'
  }
  beforeAll(async () => {
    await setLogin(shop.pool, shop.siteId, 'maren', 'maren', 'none', true)
    await setPin(shop.pool, shop.siteId, 'maren', await hashSecret('2806'))
  })
  afterEach(() => {
    delete process.env.ZONARIS_DEMO_SIGN_INS
  })
  it('is one of the demo, off this machine', async () => {
    expect(await sign()).toBe('signed')
    process.env.ZONARIS_DEMO_SIGN_INS = 'refuse'
    expect(await sign()).toEqual(['command.pin-of-demo'])
  })
  it('opens no session of the demo there either, nor keeps one open', async () => {
    await openSession(shop.pool, { sessionId: 's-1', siteId: shop.siteId, personId: 'maren', deviceId: 'd' }, MORNING)
    expect(await readSession(shop.pool, 's-1')).toMatchObject({ isDemo: true, isOnPost: false, person: { personId: 'maren' } })
  })
  it('is one that was reset less than a day ago', async () => {
    const at = (hours: number) => shop.clock.set(new Date(Date.parse(MORNING) + hours * 3600_000).toISOString())
    await shop.pool.query('update credential set signs_from = $1', [later(24 * 3600)])
    for (const [hours, said] of [
      [0, ['command.pin-too-new']],
      [23.99, ['command.pin-too-new']],
      [24, 'signed'],
    ] as const) {
      at(hours)
      expect(await sign(), `${hours} h`).toEqual(said)
    }
    at(0)
  })
})

describe('a one-time code', () => {
  const code = { siteId: 'yard', personId: 'imke', codeSha256: codeSha256('AAAA-BBBB-CCCC') }
  const take = (over: object = {}) =>
    takeCode(shop.pool, { ...code, passwordHash: 'fresh', pinHash: null, signsFromIso: null, nowIso: MORNING, ...over })
  const offer = (isReset: boolean) => offerCode(shop.pool, { ...code, loginName: 'imke', untilIso: later(60), isReset })
  it('works once, in time, for its own person and as it was written', async () => {
    expect(await offer(false)).toBe(true)
    for (const over of [
      { codeSha256: codeSha256('AAAA-BBBB-CCCD') },
      { personId: 'maren' },
      { siteId: 'elsewhere' },
      { nowIso: later(60) },
    ])
      expect(await take(over), JSON.stringify(over)).toBe(false)
    expect(codeSha256(' aaaa-bbbb-cccc ')).toBe(code.codeSha256)
    expect(await take()).toBe(true)
    expect(await take()).toBe(false)
  })
  it('a hundred at once are one', async () => {
    await offer(true)
    expect((await Promise.all(Array.from({ length: 100 }, () => take()))).filter(Boolean)).toHaveLength(1)
  })
  it('leaves what was there before until it is used, and no PIN after', async () => {
    await setPassword(shop.pool, shop.siteId, 'imke', 'old')
    await setPin(shop.pool, shop.siteId, 'imke', 'old pin')
    // Said to be the first one, and they have a password meanwhile: nobody would be told.
    expect(await offer(false)).toBe(false)
    await offer(true)
    expect(await readCredential(shop.pool, shop.siteId, 'imke')).toMatchObject({ passwordHash: 'old', pinHash: 'old pin' })
    await take({ signsFromIso: later(24 * 3600) })
    expect(await readCredential(shop.pool, shop.siteId, 'imke')).toMatchObject({
      passwordHash: 'fresh',
      pinHash: null,
      signsFrom: later(24 * 3600),
      isDemo: false,
    })
  })
})

describe('signing in while leaving', () => {
  it('leaves no device behind, whichever of the two came first', async () => {
    for (let i = 0; i < 20; i++) {
      const personId = `leaver-${i}`
      await shop.send(shop.as(['safety-lead']), [personStream(personId)], {
        type: 'person.add',
        payload: { name: personId, roles: ['welder'], areaId: null, bayId: null },
      })
      await setLogin(shop.pool, 'yard', personId, personId, 'none')
      const signIn = inTransaction(shop.pool, async (db) => {
        if (await holdCredential(db, 'yard', personId))
          await keepDevice(db, { siteId: 'yard', deviceId: `phone-${i}`, name: 'Phone', personId }, MORNING)
      })
      const leave = shop.send(shop.as(['safety-lead']), [personStream(personId)], { type: 'person.leave', payload: {} })
      const [, { status }] = await Promise.all([signIn, leave])
      expect([status, await readDevice(shop.pool, 'yard', `phone-${i}`)]).toEqual([200, null])
    }
  })
})

describe('screens', () => {
  it('two of one person are one that hears', async () => {
    const screens = () => countScreens(shop.pool, shop.siteId, MORNING)
    await noteScreen(shop.pool, shop.siteId, 'desk', 'maren', MORNING)
    await noteScreen(shop.pool, shop.siteId, 'phone', 'maren', MORNING)
    expect(await screens()).toBe(1)
    await noteScreen(shop.pool, shop.siteId, 'wall', 'teo', MORNING)
    expect(await screens()).toBe(2)
    // Somebody else signs in on the wall: it is theirs now.
    await noteScreen(shop.pool, shop.siteId, 'wall', 'maren', MORNING)
    expect(await screens()).toBe(1)
  })
})

describe('a device', () => {
  const device = { siteId: 'yard', deviceId: 'tablet', name: 'Tablet' }
  it('acts for who signed in on it last, keeps its name, and is gone with its sessions when it is taken back', async () => {
    await keepDevice(shop.pool, { ...device, personId: 'maren' }, MORNING)
    await nameDevice(shop.pool, 'yard', 'tablet', 'By the door')
    await keepDevice(shop.pool, { ...device, personId: 'teo' }, later(60))
    expect(await readDevice(shop.pool, 'yard', 'tablet')).toEqual({
      siteId: 'yard',
      deviceId: 'tablet',
      name: 'By the door',
      personId: 'teo',
      firstAt: MORNING,
      signedInAt: later(60),
    })
    expect(await readDevice(shop.pool, 'elsewhere', 'tablet')).toBeNull()
    await openSession(shop.pool, { sessionId: 's-2', siteId: 'yard', personId: 'maren', deviceId: 'tablet' }, MORNING)
    await dropDevice(shop.pool, 'yard', 'tablet')
    expect([await readDevice(shop.pool, 'yard', 'tablet'), await readSession(shop.pool, 's-2')]).toEqual([null, null])
  })
  it('of somebody who signs out everywhere is taken back, but for the one in hand and those of others', async () => {
    for (const [deviceId, personId] of [
      ['a', 'maren'],
      ['b', 'maren'],
      ['c', 'teo'],
    ] as const)
      await keepDevice(shop.pool, { ...device, deviceId, personId }, MORNING)
    await dropDevicesOf(shop.pool, 'yard', 'maren', 'b')
    const left = await Promise.all(
      ['a', 'b', 'c'].map(async deviceId => (await readDevice(shop.pool, 'yard', deviceId))?.personId ?? null),
    )
    expect(left).toEqual([null, 'maren', 'teo'])
  })
})

describe('sessions that are over', () => {
  it('are dropped after a month, but for who is on post', async () => {
    await openSession(shop.pool, { sessionId: 'old', siteId: 'yard', personId: 'teo', deviceId: 'd' }, later(-40 * 24 * 3600))
    await openSession(shop.pool, { sessionId: 'watch', siteId: 'yard', personId: 'maren', deviceId: 'd' }, later(-40 * 24 * 3600))
    await shop.pool.query('insert into permit_post (site_id, person_id, permit_id) values (\'yard\', \'maren\', \'p\')')
    await cleanSessions(shop.pool, later(-30 * 24 * 3600))
    const left = 'select session_id from session where session_id in (\'old\', \'watch\')'
    const { rows } = await shop.pool.query<{ session_id: string }>(left)
    expect(rows.map(({ session_id }) => session_id)).toEqual(['watch'])
  })
})

describe('where a request began', () => {
  const host = 'zonaris.example:3000'
  it.each([
    [{}, true],
    [{ origin: 'http://zonaris.example:3000' }, true],
    [{ origin: 'http://zonaris.example' }, false],
    [{ origin: 'http://zonaris.example:3000.evil.example' }, false],
    [{ origin: 'null' }, false],
    [{ origin: '' }, false],
    [{ site: 'same-origin' }, true],
    [{ site: 'none' }, true],
    [{ site: 'same-site' }, false],
    [{ site: 'cross-site' }, false],
    [{ site: 'cross-site', origin: 'http://zonaris.example:3000' }, false],
  ])('%o: on our own pages, %s', (said, isOurs) => expect(beganHere({ ...said, host })).toBe(isOurs))
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
