import { describe, expect, it } from 'vitest'
import { checkNode } from '../../scripts/machine.mjs'

describe('the start', () => {
  it.each(['18.20.0', '20.18.9', '21.7.0', '22.11.0'])('refuses Node %s in plain words', version =>
    expect(() => checkNode(version)).toThrow(/Node .* is too old or of the wrong line\. Node 20\.19 or later/),
  )
  it.each(['20.19.0', '20.20.2', '22.12.0', '24.1.0'])('takes Node %s', version => expect(() => checkNode(version)).not.toThrow())
})
