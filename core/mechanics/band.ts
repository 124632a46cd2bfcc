import { DomainError } from '../errors'

/** One reading with a luggage scale: length of the rubber, metres, and its pull, newtons. */
export interface BandReading {
  readonly lengthM: number
  readonly forceN: number
}

/** A band whose pull is known: F = A e^q over the strain e = (L - L0) / L0. */
export interface BandLaw {
  readonly slackM: number
  readonly a: number
  readonly q: number
  /** Strains of the two readings, rising. */
  readonly strains: readonly [number, number]
}

/** Stretch, as a share of the readings' range, in which the law holds. */
const TRUSTED = { from: 0.3, to: 2 } as const
/** Budget of error of a calibrated band. */
export const BAND_DOUBT = 0.10

/**
 * The law of a band from its slack length and two readings, best near half and one and a half times its length more.
 * A straight line would err 13-40 % at low stretch.
 *
 * @throws DomainError `slackM`, `readings`, `lengthM` or `forceN` that cannot be.
 * @example
 * bandLaw(1, [{ lengthM: 1.5, forceN: 50 }, { lengthM: 2.5, forceN: 100 }]).q.toFixed(3) // => '0.631'
 */
export function bandLaw(slackM: number, readings: readonly BandReading[]): BandLaw {
  if (!(slackM > 0.05 && slackM < 10))
    throw new DomainError('slackM', 'The slack length goes from 0.05 to 10 m: of the rubber, not of the handles.')
  if (readings.length !== 2) throw new DomainError('readings', 'Two readings make a law.')
  const [first, second] = [...readings].sort((a, b) => a.lengthM - b.lengthM) as [BandReading, BandReading]
  for (const { lengthM, forceN } of [first, second]) {
    if (!(lengthM > slackM)) throw new DomainError('lengthM', 'A reading is taken longer than the slack band.')
    if (!(forceN > 0)) throw new DomainError('forceN', 'A stretched band pulls: the force must be above zero.')
  }
  const [e1, e2] = [first, second].map(r => (r.lengthM - slackM) / slackM) as [number, number]
  if (!(e2 > e1 * 1.05)) throw new DomainError('lengthM', 'The two readings are taken at clearly different lengths.')
  if (!(second.forceN > first.forceN))
    throw new DomainError('forceN', 'The longer band pulls harder: look at the readings again.')
  const q = Math.log(second.forceN / first.forceN) / Math.log(e2 / e1)
  return { slackM, a: first.forceN / e1 ** q, q, strains: [e1, e2] }
}

/**
 * The pull of a band at a length, with what is to be said about it. A doubled band is half as long and pulls twice.
 *
 * @throws DomainError `lengthM` that is not above zero.
 * @example
 * bandTension(bandLaw(1, [{ lengthM: 1.5, forceN: 50 }, { lengthM: 2.5, forceN: 100 }]), 2).forceN.toFixed(1) // => '77.4'
 */
export function bandTension(law: BandLaw, lengthM: number, doubled = false): { forceN: number, warnings: string[] } {
  if (!(lengthM > 0)) throw new DomainError('lengthM', 'The length must be above zero.')
  const slackM = doubled ? law.slackM / 2 : law.slackM
  const strain = (lengthM - slackM) / slackM
  if (strain <= 0) return { forceN: 0, warnings: ['The band is slack.'] }
  const warnings: string[] = []
  if (strain < TRUSTED.from * law.strains[0])
    warnings.push('Far less stretch than at the readings: the pull is a guess.')
  if (strain > TRUSTED.to * law.strains[1])
    warnings.push('Far more stretch than at the readings: the pull is a guess, and the band may fail.')
  return { forceN: law.a * strain ** law.q * (doubled ? 2 : 1), warnings }
}
