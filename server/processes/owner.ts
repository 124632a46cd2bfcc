import { parseArgs } from 'node:util'
import { AppError } from '~~/shared/errors'
import { checked, ownerFoundingSchema, ownerInvitationSchema, resetSchema } from '~~/shared/schemas'
import { connect } from '../database/connection'
import { ownerFounds, ownerInvites, ownerRecovers, type HandedLink, type OwnersDesk } from '../services/owner'
import { brokenSeals } from '../services/sealRecord'
import { sumAllDays, sumAllWeeks } from '../services/weekSums'
import { closePool } from '../solver'
import { readConfiguration } from '../utils/configuration'

/** What the owner of the machine may do without a sign-in. See docs/operations.md. */
const options = {
  organisation: { type: 'string' }, 'time-zone': { type: 'string' }, mass: { type: 'string', default: 'kg' },
  length: { type: 'string', default: 'cm' }, name: { type: 'string' }, email: { type: 'string' },
  role: { type: 'string', default: 'headCoach' },
} as const

type Said = Partial<Record<keyof typeof options, string>>

const handed = ({ email, link }: HandedLink): string =>
  `Hand this link to ${email}; a password is chosen there, once:\n\n${link}\n`

const WORK: Readonly<Record<string, (desk: OwnersDesk, said: Said) => Promise<string>>> = {
  found: async (desk, said) => handed(await ownerFounds(desk, checked(ownerFoundingSchema, {
    organisationName: said.organisation, timeZone: said['time-zone'], name: said.name, email: said.email,
    units: { mass: said.mass, length: said.length },
  }))),
  invite: async (desk, { name, email, role }) =>
    handed(await ownerInvites(desk, checked(ownerInvitationSchema, { name, email, role }))),
  recover: async (desk, { email }) => handed(await ownerRecovers(desk, checked(resetSchema, { email }).email)),
  rebuild: async ({ db }) => {
    const days = await sumAllDays(db)
    const weeks = await sumAllWeeks(db)
    await closePool()
    return `${days} days of sets summed up anew, ${weeks} weeks reckoned anew.`
  },
  verify: async ({ db }) => {
    const broken = await brokenSeals(db)
    if (broken.length === 0) return 'Every seal of the record holds.'
    throw new AppError('unexpected', broken.map(({ organisationId, number, why }) =>
      `Seal ${number} of organisation ${organisationId} does not hold: ${why}.`).join('\n'))
  },
}

async function run(): Promise<void> {
  const { values, positionals: [what = ''] } = parseArgs({ options, allowPositionals: true })
  const work = WORK[what]
  if (!work) throw new AppError('badInput', `Say what: ${Object.keys(WORK).join(', ')}. See docs/operations.md.`)
  const { appUrl, publicUrl } = readConfiguration(process.env)
  const db = connect(appUrl, 1)
  try {
    console.log(await work({ db, publicUrl, now: new Date() }, values))
  }
  finally {
    await db.destroy()
  }
}

run().catch((error: unknown) => {
  if (!(error instanceof AppError) && !(error instanceof TypeError)) throw error
  const fields = error instanceof AppError ? Object.values(error.fields ?? {}) : []
  console.error(fields.length > 0 ? fields.join('\n') : error.message)
  process.exitCode = 1
})
