import { expect, it } from 'vitest'
import { keepReading } from '#shared/keep-reading'
import type { News } from '#shared/news'

type Reply = { readonly ok: true, readonly body: string } | { readonly ok: false, readonly why: string }

/** A page that shows permits, a server that answers when the test says so, and what the page shows. */
function page() {
  const questions: ((reply: Reply) => Promise<void>)[] = []
  const shown = { body: null as string | null, problem: null as string | null, path: 'permits' as string | null, told: 4 }
  const reader = keepReading<string, { readonly ok: false, readonly why: string }>({
    path: () => shown.path,
    position: () => shown.told,
    ask: () => new Promise((resolve) => {
      questions.push(async (reply) => {
        resolve(reply)
        await new Promise(done => setTimeout(done))
      })
    }),
    restsOn: streamId => streamId.startsWith('permit/'),
    show: (body) => { shown.body = body },
    say: (refused) => { shown.problem = refused && refused.why },
  })
  const told = (position: number, streamId: string): News => {
    shown.told = position
    return { upTo: position, changes: [{ position, streamId }], isWhole: true }
  }
  reader.restart(false)
  return { ...reader, questions, shown, told }
}
const read = (body: string): Reply => ({ ok: true, body })
const FAILED: Reply = { ok: false, why: 'no answer' }
const BEAT: News = { upTo: 5, changes: [], isWhole: false }

it('an older answer that comes after the newest question failed is shown, and what is owed is asked for again', async () => {
  const { questions, shown, told, hear } = page()
  hear(told(5, 'permit/a'))
  expect(questions).toHaveLength(2)
  await questions[1]!(FAILED)
  await questions[0]!(read('before the stop'))
  expect(shown).toMatchObject({ body: 'before the stop', problem: 'no answer' })
  hear(BEAT)
  expect(questions).toHaveLength(3)
  await questions[2]!(read('after the stop'))
  expect(shown).toMatchObject({ body: 'after the stop', problem: null })
})
it('an older answer never replaces a newer one, and one for another address is not shown', async () => {
  const { questions, shown, told, hear, restart } = page()
  hear(told(5, 'permit/a'))
  await questions[1]!(read('new'))
  await questions[0]!(read('old'))
  expect(shown.body).toBe('new')
  hear(told(6, 'permit/a'))
  shown.path = 'permits/b'
  restart(true)
  await questions[2]!(read('of all permits'))
  expect(shown.body).toBe(null)
})
it('in a busy shop what comes is shown, though something newer is on its way', async () => {
  const { questions, shown, told, hear } = page()
  hear(told(5, 'permit/a'))
  hear(told(6, 'permit/a'))
  await questions[1]!(read('of 5'))
  expect(shown.body).toBe('of 5')
})
it('a failure is asked for again at the next beat, once; what it does not rest on asks for nothing', async () => {
  const { questions, told, hear } = page()
  await questions[0]!(FAILED)
  hear(BEAT)
  hear(BEAT)
  expect(questions).toHaveLength(2)
  await questions[1]!(read('whole'))
  hear(told(5, 'item/a'))
  hear(BEAT)
  expect(questions).toHaveLength(2)
})
