import { rebuild } from '#server/commands/rebuild'
import { openPool } from '#server/database/connection'
import { verifyChains } from '#server/database/event'
import { readSeals, readSealState, sitesToSeal } from '#server/database/seal'

const pool = openPool(process.env.DATABASE_URL ?? '', null)
const say = (text: string) => process.stdout.write(`${text}\n`)

/** Every chain and every seal of every site; the number of things that do not stand. */
async function verify(): Promise<number> {
  let wrong = 0
  for (const { siteId } of await sitesToSeal(pool)) {
    const breaks = await verifyChains(pool, siteId)
    for (const { streamId, version, what } of breaks) say(`${siteId}: ${streamId}, event ${version}: the ${what} does not stand`)
    const seals = await readSeals(pool, siteId)
    const broken: string[] = []
    for (const { day, headsSha256, position } of seals) if ((await readSealState(pool, siteId, position)).headsSha256 !== headsSha256) broken.push(day)
    for (const day of broken) say(`${siteId}: the seal of ${day} does not match the streams`)
    say(`${siteId}: ${breaks.length === 0 ? 'every chain stands' : `${breaks.length} breaks`}; ${seals.length - broken.length} of ${seals.length} seals stand`)
    wrong += breaks.length + broken.length
  }
  return wrong
}

try {
  switch (process.argv[2]) {
    case 'rebuild': say(`Rebuilt from ${await rebuild(pool)} streams.`); break
    case 'verify': process.exitCode = await verify() === 0 ? 0 : 1; break
    default:
      say('Say what: rebuild or verify.')
      process.exitCode = 2
  }
}
finally { await pool.end() }
