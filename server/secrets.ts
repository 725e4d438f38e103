import { createHash, randomInt } from 'node:crypto'
import { Hash } from '@adonisjs/hash'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import { throughHashing } from './hashing'

const hasher = new Hash(new Scrypt({}))

/** @throws TooBusy when too many wait to be hashed already */
export const hashSecret = (secret: string): Promise<string> => throughHashing(() => hasher.make(secret))

let nobodysHash: Promise<string> | undefined

/**
 * Does the secret match? Somebody unknown, or without a secret, is checked against a hash that matches nothing, so that
 * the answer takes as long.
 *
 * @throws TooBusy when too many wait to be looked at already: nothing was
 */
export async function verifySecret(hash: string | null | undefined, secret: string): Promise<boolean> {
  nobodysHash ??= hashSecret('nobody has this secret')
  const known = hash ?? await nobodysHash
  const matches = await throughHashing(() => hasher.verify(known, secret))
  return matches && typeof hash === 'string'
}

/** Letters and digits that are not mistaken for each other when read aloud. */
const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789'

/** A one-time code for the first run, as ABCD-EFGH-JKMN. */
export function oneTimeCode(): string {
  const group = () => Array.from({ length: 4 }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('')
  return [group(), group(), group()].join('-')
}

export const codeSha256 = (code: string): string => createHash('sha256').update(code.trim().toUpperCase()).digest('hex')
