import pg from 'pg'
import { migrate } from '#server/database/migrate'

/** The cluster that scripts/test.mjs started, without a database name. */
export const clusterUrl = (): string => {
  const url = process.env.ZONARIS_TEST_CLUSTER
  if (!url) throw new Error('ZONARIS_TEST_CLUSTER is not set: run the server tests with npm test, which starts a database for them.')
  return url
}

export const TEMPLATE = 'zonaris_template'

/** Runs one statement on the cluster itself. */
export async function onCluster(statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: `${clusterUrl()}/postgres` })
  await client.connect()
  try {
    await client.query(statement)
  } finally {
    await client.end()
  }
}

/** Once for all server tests: a migrated database that each test file copies. */
export default async function setup(): Promise<void> {
  await onCluster(`drop database if exists ${TEMPLATE} with (force)`)
  await onCluster(`create database ${TEMPLATE}`)
  await migrate(`${clusterUrl()}/${TEMPLATE}`)
}
