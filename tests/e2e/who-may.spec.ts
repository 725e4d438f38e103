import { randomUUID } from 'node:crypto'
import type { APIRequestContext, APIResponse } from '@playwright/test'
import pg from 'pg'
import type { CommandType } from '#core/streams/commands'
import { URGENT_COMMANDS } from '#core/streams/urgent'
import type { RoleId } from '#core/ids/vocabulary'
import { openSite } from '#server/door/open-site'
import { systemClock } from '#server/clock'
import { openPool } from '#server/database/connection'
import { hashSecret } from '#server/secrets'
import { COMMAND_SAMPLES } from '../command-samples'
import { documentedCommands, documentedRights, documentedRoutes } from '../rights-document'
import type { DocumentedRoute } from '../rights-document'
import { axeFindsNothing } from './axe-finds'
import { expect, PASSWORDS, serve, signIn, test } from './served'
import type { Served } from './served'

// Who may, at the door that a browser knocks at: every route by every role, by nobody, by a device, and from another site.

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

type Login = keyof typeof PASSWORDS
const at = (path: string) => `${served.url}/api/v1/${path}`
const signInAs = (request: APIRequestContext, loginName: string, password: string) =>
  request.post(at('sign-in'), { data: { loginName, password } })
const as = async (request: APIRequestContext, who: Login) => expect((await signInAs(request, who, PASSWORDS[who])).status()).toBe(200)
const envelope = (type: string, streamId: string, payload: object, over: object = {}) => {
  const now = new Date().toISOString()
  return {
    id: randomUUID(),
    type,
    streams: [{ id: streamId, expectedVersion: null }],
    at: now,
    sentAt: now,
    deviceId: 'test',
    deviceSeq: 1,
    payload,
    ...over,
  }
}
const codesOf = async (response: APIResponse) =>
  (((await response.json()) as { findings?: { code: string }[] }).findings ?? []).map(({ code }) => code)

/** What a stream tells until it ends, or until that is enough. */
async function readStream(stream: Response, isEnough: (soFar: string) => boolean): Promise<string> {
  const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader()
  let text = ''
  for (;;) {
    const { done, value } = await reader.read()
    if (done) return text
    text += value
    if (isEnough(text)) return text
  }
}

const LOGIN_OF: Readonly<Record<RoleId, Login>> = {
  'learner': 'imke',
  'welder': 'tove',
  'instructor': 'maren',
  'safety-lead': 'oskar',
  'permit-authoriser': 'hedda',
  'fire-watch': 'wim',
  'store-keeper': 'jun',
  'auditor': 'bea',
}
/** What ends the session it comes with is tried by tests of its own. */
const ENDS_THE_SESSION = new Set(['/api/v1/sign-out', '/api/v1/sign-out-everywhere'])
const BODIES: Readonly<Record<string, object>> = {
  '/api/v1/commands': envelope('station.stop', 'station/bay-9', {}),
  '/api/v1/credentials': { currentPassword: 'not it', pin: '1234' },
  '/api/v1/sign-in-codes': { personId: 'nobody-here', loginName: 'nobody' },
  '/api/v1/device-keys': { name: 'Lamp' },
  '/api/v1/devices/name': { deviceId: 'none', name: 'X' },
  '/api/v1/devices/revoke': { deviceId: 'none' },
  '/api/v1/wearers': { personId: 'nobody-here', wearer: null },
}

/** Asks a route once and says how it answered; a stream is let go as soon as it began. */
async function knock(request: APIRequestContext, { method, route }: DocumentedRoute): Promise<{ status: number, isNotAllowed: boolean }> {
  const path = route.replace('{tag}', 'ac-7').replace('{permitId}', 'slip-winch').replace('{code}', 'HW-NONE22')
    .replace('{bayId}', 'bay-1').replace('{monitorId}', 'nobody-placed-this-one')
    .replace('{personId}', 'kit-amari').replace('{token}', 'nobody-printed-this-one')
  const url = `${served.url}${path}`
  if (route === '/api/v1/events') {
    const { cookies } = await request.storageState()
    const ends = new AbortController()
    const { status } = await fetch(url, {
      headers: { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') },
      signal: ends.signal,
    })
    ends.abort()
    return { status, isNotAllowed: false }
  }
  const response = method === 'GET' ? await request.get(url) : await request.post(url, { data: BODIES[route] ?? {} })
  const isJson = (response.headers()['content-type'] ?? '').includes('json')
  return {
    status: response.status(),
    isNotAllowed: isJson && response.status() === 409 && (await codesOf(response)).includes('command.not-allowed'),
  }
}

test.describe('every route', () => {
  test('answers nobody, and no signed-out device, but where the document says so', async ({ playwright }) => {
    const [nobody, device] = [await playwright.request.newContext(), await playwright.request.newContext()]
    await as(device, 'tove')
    await device.post(at('sign-out'), { data: {} })
    const wrong: string[] = []
    for (const [who, context] of [
      ['nobody', nobody],
      ['a device', device],
    ] as const) {
      // The door takes what stops from a device: that is tried command by command below.
      for (const one of documentedRoutes().filter(({ answers }) => context === nobody || answers !== 'door')) {
        const { status } = await knock(context, one)
        // What opens a session is asked with nothing in it here: the body is refused before anybody's name is looked at.
        const isOpen = one.answers === 'anybody'
        if ((status === 401) === isOpen) wrong.push(`${who}: ${one.method} ${one.route}: ${status}`)
      }
      await context.dispose()
    }
    expect(wrong).toEqual([])
  })
  for (const [role, login] of Object.entries(LOGIN_OF) as [RoleId, Login][]) {
    test(`answers ${role} as the document says`, async ({ request }) => {
      await as(request, login)
      const rights = documentedRights()
      const wrong: string[] = []
      for (const one of documentedRoutes().filter(({ route }) => !ENDS_THE_SESSION.has(route))) {
        const { status, isNotAllowed } = await knock(request, one)
        // An instrument's key tells readings; nobody's session does.
        if (one.answers === 'teller') {
          if (status !== 401) wrong.push(`${one.method} ${one.route}: ${status}`)
          continue
        }
        const reach = rights.get(one.answers)?.[role]
        // The permit at the slip winch names the fire watch and the welder of the demo, and no other of these.
        const mayHere = reach === undefined || (reach === 'own-permit' ? ['fire-watch', 'welder'].includes(role) : reach !== 'none')
        if (status === 401 && one.route !== '/api/v1/sign-in') wrong.push(`${one.method} ${one.route}: nobody`)
        else if (isNotAllowed === mayHere) wrong.push(`${one.method} ${one.route}: ${mayHere ? 'refused' : 'let in'}`)
      }
      expect(wrong).toEqual([])
    })
  }
})

test.describe('every command', () => {
  const fromOutside = () =>
    documentedCommands().map(({ command, sentBy }) => ({ type: command as CommandType, isHouse: sentBy === 'the house alone' }))
  test('is taken from nobody, and from a signed-out device only what stops, calls and watches', async ({ playwright, request }) => {
    const stranger = await playwright.request.newContext()
    await as(request, 'tove')
    await request.post(at('sign-out'), { data: {} })
    const wrong: string[] = []
    for (const { type, isHouse } of fromOutside()) {
      const body = envelope(type, 'station/bay-11', COMMAND_SAMPLES[type])
      const [ofStranger, ofDevice] = [
        (await stranger.post(at('commands'), { data: body })).status(),
        (await request.post(at('commands'), { data: body })).status(),
      ]
      if (ofStranger !== (isHouse ? 422 : 401)) wrong.push(`${type} by nobody: ${ofStranger}`)
      const isKnown = URGENT_COMMANDS.has(type)
      if (isHouse ? ofDevice !== 422 : (ofDevice === 401) === isKnown) wrong.push(`${type} by a device: ${ofDevice}`)
    }
    expect(wrong).toEqual([])
    await stranger.dispose()
  })
  test('of the house is taken from nobody who is signed in either', async ({ request }) => {
    await as(request, 'oskar')
    for (const { type } of fromOutside().filter(({ isHouse }) => isHouse))
      expect((await request.post(at('commands'), { data: envelope(type, 'station/bay-11', COMMAND_SAMPLES[type]) })).status(), type).toBe(
        422,
      )
  })
})

test('another site reads nothing of this one', async ({ playwright }) => {
  const pool = openPool(served.databaseUrl)
  await openSite(
    { pool, clock: systemClock, announce: () => {} },
    {
      siteId: 'sallow-yard',
      site: { name: 'Sallow Yard', timeZone: 'UTC' },
      lead: { personId: 'wren', name: 'Wren Sallow', loginName: 'wren', passwordHash: await hashSecret('long enough words') },
    },
  )
  await pool.end()
  const wren = await playwright.request.newContext()
  expect((await signInAs(wren, 'wren', 'long enough words')).status()).toBe(200)
  const told: string[] = []
  for (const { method, route } of documentedRoutes().filter(
    one => one.method === 'GET' && one.route !== '/api/v1/events' && one.answers !== 'anybody',
  )) {
    const path = route.replace('{tag}', 'ac-7').replace('{permitId}', 'slip-winch')
    const response = await wren.get(`${served.url}${path}${route === '/api/v1/devices' ? '?of=all' : ''}`)
    const text = await response.text()
    if (/fenn|imke|maren|winch|bay-4|"AC-7"/i.test(text) && response.status() === 200) told.push(`${method} ${path}`)
    if (route.includes('{')) expect(response.status(), path).toBe(404)
  }
  expect(told).toEqual([])
  await wren.dispose()
})

test.describe('sessions and devices', () => {
  test('signing out ends the session on the server: its cookie opens nothing again', async ({ request, playwright }) => {
    await as(request, 'imke')
    const kept = await request.storageState()
    await request.post(at('sign-out'), { data: {} })
    const again = await playwright.request.newContext({ storageState: kept })
    expect((await again.get(at('floor'))).status()).toBe(401)
    await again.dispose()
  })
  test('signing out everywhere takes back the other devices; the one in hand still stops work', async ({ playwright }) => {
    const [here, there] = [await playwright.request.newContext(), await playwright.request.newContext()]
    for (const device of [here, there]) await as(device, 'ebba')
    await here.post(at('sign-out-everywhere'), { data: {} })
    const stop = (device: APIRequestContext) => device.post(at('commands'), { data: envelope('station.stop', 'station/bay-9', {}) })
    expect([(await stop(here)).status(), (await stop(there)).status()]).toEqual([200, 401])
    for (const device of [here, there]) await device.dispose()
  })
  test('a device is named, listed, and taken back by its owner or who manages people, by nobody else', async ({ playwright }) => {
    const [own, lead, other] = [
      await playwright.request.newContext(),
      await playwright.request.newContext(),
      await playwright.request.newContext(),
    ]
    await as(own, 'tove')
    await as(lead, 'oskar')
    await as(other, 'imke')
    const devices = async (of: APIRequestContext, all = false) =>
      (
        (await (await of.get(at(`devices?of=${all ? 'all' : 'me'}`))).json()) as {
          devices: { deviceId: string, name: string, personId: string, isThis: boolean }[]
        }
      ).devices
    const mine = (await devices(own)).find(({ isThis }) => isThis)!
    const tell = (of: APIRequestContext, path: string, body: object) => of.post(at(`devices/${path}`), { data: body })
    expect((await tell(own, 'name', { deviceId: mine.deviceId, name: 'Phone with the cracked back' })).status()).toBe(200)
    expect((await devices(lead, true)).find(({ deviceId }) => deviceId === mine.deviceId)).toMatchObject({
      name: 'Phone with the cracked back',
      personId: 'tove-ridd',
    })
    expect((await other.get(at('devices?of=all'))).status()).toBe(403)
    expect((await tell(other, 'revoke', { deviceId: mine.deviceId })).status()).toBe(404)
    expect((await tell(lead, 'revoke', { deviceId: mine.deviceId })).status()).toBe(200)
    expect((await own.get(at('floor'))).status()).toBe(401)
    expect((await own.post(at('commands'), { data: envelope('station.stop', 'station/bay-9', {}) })).status()).toBe(401)
    for (const one of [own, lead, other]) await one.dispose()
  })
  test('a device gives the rounds of who signed in there last, and of nobody else; the record says for whom', async ({ request }) => {
    await as(request, 'wim')
    await as(request, 'ebba')
    await request.post(at('sign-out'), { data: {} })
    const round = (watcherId: string) =>
      request.post(at('commands?as=device'), { data: envelope('permit.round', 'permit/timber-bolts', { watcherId }) })
    expect((await round('wim-askew')).status()).toBe(401)
    expect((await round('ebba-lund')).status()).toBe(200)
    await as(request, 'oskar')
    const { entries } = (await (await request.get(at('log?streamId=permit/timber-bolts&limit=3'))).json()) as {
      entries: { type: string, actorKind: string, actorName: string, payload: { by: string } }[]
    }
    expect(entries.find(({ type }) => type === 'round-done')).toMatchObject({
      actorKind: 'device',
      actorName: 'Ebba Lund',
      payload: { by: 'ebba-lund' },
    })
  })
  test('whoever leaves has no session, no device, no open stream and no way in', async ({ playwright }) => {
    const [leaver, lead] = [await playwright.request.newContext(), await playwright.request.newContext()]
    await as(lead, 'oskar')
    await as(leaver, 'bea')
    const { cookies } = await leaver.storageState()
    const stream = await fetch(at('events'), { headers: { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') } })
    const heard = readStream(stream, () => false)
    expect((await lead.post(at('commands'), { data: envelope('person.leave', 'person/bea-tully', {}) })).status()).toBe(200)
    // It ends by itself, and tells nothing of the leaving or after it.
    expect(await heard).not.toContain('person-left')
    expect((await leaver.get(at('floor'))).status()).toBe(401)
    expect((await leaver.post(at('commands'), { data: envelope('station.stop', 'station/bay-9', {}) })).status()).toBe(401)
    expect((await signInAs(leaver, 'bea', PASSWORDS.bea)).status()).toBe(401)
    const codes = await lead.post(at('sign-in-codes'), { data: { personId: 'bea-tully', loginName: 'bea' } })
    expect([codes.status(), await codesOf(codes)]).toEqual([409, ['command.person-has-left']])
    for (const one of [leaver, lead]) await one.dispose()
  })
})

test.describe('what only its owner sets', () => {
  test('a password and a PIN: with the password as it is, and never somebody else\'s', async ({ request }) => {
    await as(request, 'oskar')
    const set = (body: object) => request.post(at('credentials'), { data: body })
    expect((await set({ personId: 'hedda-moss', currentPassword: PASSWORDS.oskar, pin: '1111' })).status()).toBe(422)
    expect((await set({ currentPassword: 'guessed it', pin: '1111' })).status()).toBe(422)
    expect((await set({ currentPassword: PASSWORDS.oskar, pin: '1111' })).status()).toBe(200)
  })
  test('the first time with a one-time code that works once; a reset is told, ends what was open, and signs nothing for a day', async ({
    playwright,
  }) => {
    const [lead, owner, thief] = [
      await playwright.request.newContext(),
      await playwright.request.newContext(),
      await playwright.request.newContext(),
    ]
    await as(lead, 'oskar')
    const offer = async (personId: string, loginName: string) =>
      ((await (await lead.post(at('sign-in-codes'), { data: { personId, loginName } })).json()) as { code: string }).code
    const redeem = (who: APIRequestContext, loginName: string, code: string, pin = '8080') =>
      who.post(at('redeem'), { data: { loginName, code, password: 'words of my own', pin } })
    const first = await offer('sol-brandt', 'sol')
    expect((await redeem(thief, 'sol', 'AAAA-BBBB-CCCC')).status()).toBe(401)
    expect((await redeem(owner, 'sol', first)).status()).toBe(200)
    expect((await redeem(thief, 'sol', first)).status()).toBe(401)
    const signed = (who: APIRequestContext, personId: string) =>
      who.post(at('commands'), { data: envelope('station.stop', 'station/bay-9', {}, { signature: { personId, pin: '8080' } }) })
    expect((await signed(owner, 'sol-brandt')).status()).toBe(200)

    // The lead, with a code made out for the authoriser, is her in all but name: for a day her signature is worth nothing.
    await as(owner, 'hedda')
    const reset = await offer('hedda-moss', 'hedda')
    expect((await owner.get(at('floor'))).status()).toBe(200)
    const told = ((await (await owner.get(at('floor'))).json()) as { unseen: { what: { code: string } }[] }).unseen.map(
      ({ what }) => what.code,
    )
    expect(told).toContain('person.sign-in-reset')
    expect((await redeem(thief, 'hedda', reset)).status()).toBe(200)
    expect((await owner.get(at('floor'))).status()).toBe(401)
    const signing = await signed(thief, 'hedda-moss')
    expect([signing.status(), await codesOf(signing)]).toEqual([409, ['command.pin-too-new']])
    const { entries } = (await (await lead.get(at('log?streamId=person/hedda-moss&limit=4'))).json()) as {
      entries: { type: string, actorName: string }[]
    }
    expect(entries.slice(0, 2).map(({ type, actorName }) => `${type} ${actorName}`)).toEqual([
      'sign-in-code-used Hedda Moss',
      'sign-in-code-given Oskar Fenn',
    ])
    for (const one of [lead, owner, thief]) await one.dispose()
  })
})

test('a code handed over on one screen opens the shop on another, with a password and a PIN of their own', async ({ page, browser }) => {
  await signIn(page, served, 'oskar', '/people')
  await page.getByRole('button', { name: 'Change Pia Vance' }).click()
  await page.getByLabel('Sign-in name').fill('pia')
  await page.getByRole('button', { name: 'Give a one-time code' }).click()
  const code = (await page.getByText(/^[A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}$/).textContent())!
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await phone.goto(`${served.url}/sign-in`)
  await phone.getByRole('link', { name: 'I was handed a one-time code' }).click()
  const fill = async (entries: Record<string, string>) => {
    for (const [label, value] of Object.entries(entries)) await phone.getByLabel(label, { exact: true }).fill(value)
  }
  await fill({ 'Sign-in name': 'pia', 'One-time code': 'ABCD-EFGH-JKMN', 'Your new password': 'words of my own', 'Your new PIN': '8642' })
  await phone.getByRole('button', { name: 'Set my sign-in' }).click()
  await expect(phone.getByText('Name and code do not match')).toBeVisible()
  // What was typed stays.
  await expect(phone.getByLabel('Your new password', { exact: true })).toHaveValue('words of my own')
  await fill({ 'One-time code': code.toLowerCase() })
  await phone.getByRole('button', { name: 'Set my sign-in' }).click()
  await expect(phone.getByRole('navigation', { name: 'Areas' })).toBeVisible()
  await phone.goto(`${served.url}/my-sign-in`)
  await expect(phone.getByText('in your hand')).toBeVisible()
  await axeFindsNothing(phone)
  // Taken back on the lead's screen, it is signed out.
  await page.reload()
  const devices = page.getByRole('region', { name: 'Devices' })
  await devices.getByRole('listitem').filter({ hasText: 'Pia Vance' }).getByRole('button', { name: /^Take back/ }).click()
  await expect(page.getByText('stops nothing and calls nobody any more')).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await phone.reload()
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await phone.context().close()
})

test.describe('what strangers reach', () => {
  for (const [name, headers] of [
    ['origin', { origin: 'http://elsewhere.example' }],
    ['the browser\'s own word', { 'sec-fetch-site': 'cross-site' }],
  ] as const) {
    test(`another site signs nobody in or out, by ${name}`, async ({ request }) => {
      const { imke: password } = PASSWORDS
      expect((await request.post(at('sign-in'), { data: { loginName: 'imke', password }, headers })).status()).toBe(403)
      await as(request, 'imke')
      for (const path of ['sign-out', 'sign-out-everywhere'])
        expect((await request.post(at(path), { data: {}, headers })).status()).toBe(403)
      expect((await request.get(at('floor'))).status()).toBe(200)
    })
  }
  test('a header makes nobody somebody else: the limits count by the line', async ({ request }) => {
    const statuses = []
    for (let i = 0; i < 34; i++)
      statuses.push((await request.post(at('assess/clearance'), { data: {}, headers: { 'x-forwarded-for': `10.0.0.${i}` } })).status())
    expect(statuses.filter(status => status === 429).length).toBeGreaterThanOrEqual(4)
  })
  test('the code of a permit cannot be guessed: after so many misses nobody looks', async ({ request }) => {
    const look = (code: string) => request.get(at(`public/permits/${code}`))
    await expect.poll(async () => (await look('HW-GUESS2')).status(), { intervals: [1] }).toBe(429)
    expect(Number((await look('HW-GUESS2')).headers()['retry-after'])).toBeGreaterThan(60)
  })
})

test.describe('what pages tell', () => {
  test('a learner reads the life of nothing, has no paper of other people\'s permit, and no token stands in anybody\'s page', async ({
    request,
  }) => {
    const life = async (path: string) => ((await (await request.get(at(path))).json()) as { life: { payload: object }[] | null }).life
    await as(request, 'imke')
    for (const path of ['cylinders/ac-7', 'permits/slip-winch']) expect(await life(path), path).toBeNull()
    expect((await request.get(at('permits/slip-winch/paper'))).status()).toBe(409)
    await as(request, 'jun')
    expect((await life('cylinders/ac-7'))!.length).toBeGreaterThan(1)
    expect(await life('permits/slip-winch')).toBeNull()
    await as(request, 'wim')
    expect((await life('permits/slip-winch'))!.length).toBeGreaterThan(1)
    await as(request, 'oskar')
    const client = new pg.Client({ connectionString: served.databaseUrl })
    await client.connect()
    const { rows } = await client.query<{ token: string }>('select token from permit_reading where permit_id = \'slip-winch\'')
    await client.end()
    for (const path of ['permits/slip-winch', 'permits', 'log?limit=200', 'log?limit=200&streamId=permit/slip-winch'])
      expect(await (await request.get(at(path))).text(), path).not.toContain(rows[0]!.token)
  })
  test('a learner\'s stream says that something befell people, not what; readiness is for the day, of everybody', async ({
    playwright,
  }) => {
    const [learner, lead] = [await playwright.request.newContext(), await playwright.request.newContext()]
    await as(learner, 'imke')
    await as(lead, 'oskar')
    const { position, air } = (await (await learner.get(at('floor'))).json()) as {
      position: number
      air: { wearers: Record<string, { readyUntil: string | null }> }
    }
    expect(new Set(Object.values(air.wearers).map(({ readyUntil }) => readyUntil)).size).toBe(2)
    await lead.post(at('wearers'), { data: { personId: 'pia-vance', wearer: null } })
    const listen = async (who: APIRequestContext) => {
      const { cookies } = await who.storageState()
      const ends = new AbortController()
      const stream = await fetch(at(`events?after=${position}`), {
        headers: { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') },
        signal: ends.signal,
      })
      const text = await readStream(stream, soFar => soFar.includes('"changes"'))
      ends.abort()
      return text
    }
    expect(await listen(lead)).toContain('health-noted')
    const heard = await listen(learner)
    expect(heard).toContain('"streamId":"people"')
    expect(heard).not.toMatch(/health|pia/)
    for (const one of [learner, lead]) await one.dispose()
  })
})
