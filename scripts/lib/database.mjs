import { randomBytes } from 'node:crypto'
import { existsSync } from 'node:fs'
import { ensurePostgres } from './postgres.mjs'
import { giveUp, inData, readJson, say, writeJson } from './project.mjs'

/** Imported late: on a bare machine the packages are installed by the command that calls this. */
async function client(url) {
  const { default: pg } = await import('pg')
  const connection = new pg.Client({ connectionString: url })
  await connection.connect()
  return connection
}

/** Runs one statement as the owner. */
export async function execute(url, statement) {
  const connection = await client(url)
  try {
    return await connection.query(statement)
  }
  finally {
    await connection.end()
  }
}

/** Makes a database when it is not there; `fresh` drops it first. */
export async function ensureDatabase(cluster, name, { fresh = false } = {}) {
  const admin = cluster.url('postgres')
  if (fresh) await execute(admin, `drop database if exists "${name}" with (force)`)
  const { rowCount } = await execute(admin, `select 1 from pg_database where datname = '${name}'`)
  if (rowCount === 0) await execute(admin, `create database "${name}"`)
  return cluster.url(name)
}

/** Secrets of this installation that are not the cluster's: made once, readable by the owner only. */
function installationSecrets() {
  const file = inData('secrets.json')
  if (!existsSync(file)) {
    writeJson(file, {
      sessionPassword: randomBytes(36).toString('base64url'), appPassword: randomBytes(24).toString('base64url'),
    }, 0o600)
  }
  return readJson(file)
}

/** The environment of the server: the given DATABASE_URL, or the private cluster. */
export async function serverEnvironment() {
  const secrets = installationSecrets()
  const common = { SESSION_PASSWORD: process.env.SESSION_PASSWORD ?? secrets.sessionPassword }
  if (process.env.DATABASE_URL) {
    say('Using the database that DATABASE_URL names.')
    try {
      await execute(process.env.DATABASE_URL, 'select 1')
    }
    catch (error) {
      giveUp(`The database that DATABASE_URL names does not answer: ${error.message || error.code}`)
    }
    return {
      env: { DATABASE_APP_PASSWORD: secrets.appPassword, ...common }, url: process.env.DATABASE_URL,
      release: async () => {},
    }
  }
  const cluster = await ensurePostgres()
  const url = await ensureDatabase(cluster, 'keen_anchor')
  return {
    env: { DATABASE_URL: url, DATABASE_APP_PASSWORD: cluster.appPassword, ...common },
    url,
    release: async () => { if (cluster.owned) cluster.stop() },
  }
}
