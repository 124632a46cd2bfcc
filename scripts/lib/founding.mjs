import { randomBytes } from 'node:crypto'
import { execute } from './database.mjs'

const DEMO_ACCOUNTS = `Demo accounts, all with the password  anchor-demo
  head@larkholm.example        head coach
  coach@larkholm.example       coach of every squad
  ivo@larkholm.example         coach of fencing and judo
  assistant@larkholm.example   assistant
  ilse@larkholm.example        athlete (also bram, sirke, jorun, tiko)
`

/** Who is in the database: the demo, nobody yet, or people who know their own sign-ins. */
export const founding = {
  env: {
    // A database that somebody names is theirs: nothing invented goes into it unasked.
    LOAD_DEMO: process.env.LOAD_DEMO ?? (process.env.DATABASE_URL ? '0' : '1'),
    FOUNDING_CODE: process.env.FOUNDING_CODE ?? randomBytes(6).toString('hex').match(/.{4}/g).join('-'),
  },
  async said(port, url) {
    const here = `http://127.0.0.1:${port}`
    const answer = await fetch(`${here}/api/session`).then(found => found.json()).catch(() => ({}))
    if (answer.founding)
      return `Nobody is here yet. Found your organisation at ${here}/found with the code  ${this.env.FOUNDING_CODE}\n`
    const { rows } = await execute(url, 'select 1 from organisation where demo limit 1').catch(() => ({ rows: [] }))
    return rows.length > 0 ? DEMO_ACCOUNTS : 'Sign in with your own account.\n'
  },
}
