/** Something that keeps us from going on, in words for the person at the terminal. */
export class CannotGoOn extends Error {}

export const say = text => process.stdout.write(`${text}\n`)

/** Runs a script's work; what it cannot do is said in one sentence, with a non-zero exit. */
export async function run(work) {
  try {
    await work()
  } catch (error) {
    process.stderr.write(error instanceof CannotGoOn ? `\nZonaris cannot go on: ${error.message}\n` : `\n${error?.stack ?? error}\n`)
    process.exitCode = 1
  }
}
