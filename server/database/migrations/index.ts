import type { Knex } from 'knex'
import * as foundation from './0001_foundation'
import * as trust from './0002_trust'
import * as rungs from './0003_rungs'
import * as ownCatalogue from './0004_own_catalogue'
import * as assessment from './0005_assessment'
import * as instruments from './0006_instruments'
import * as planning from './0007_planning'
import * as season from './0008_season'
import * as safety from './0009_safety'
import * as openings from './0010_openings'
import * as stands from './0011_stands'
import * as sports from './0012_sports'
import * as fullSets from './0013_full_sets'
import * as weights from './0014_weights'
import * as decisions from './0015_decisions'
import * as review from './0016_review'
import * as floor from './0017_floor'
import * as routine from './0018_routine'
import * as founding from './0019_founding'
import * as signIns from './0020_sign_ins'
import * as depth from './0021_depth'
import * as privacy from './0022_privacy'
import * as guardians from './0023_guardians'
import * as passkeys from './0024_passkeys'
import * as sight from './0025_sight'
import * as daySums from './0026_day_sums'
import * as accepting from './0027_accepting'
import * as weekSums from './0028_week_sums'
import * as live from './0029_live'

const migrations: Record<string, Knex.Migration> = {
  '0001_foundation': foundation,
  '0002_trust': trust,
  '0003_rungs': rungs,
  '0004_own_catalogue': ownCatalogue,
  '0005_assessment': assessment,
  '0006_instruments': instruments,
  '0007_planning': planning,
  '0008_season': season,
  '0009_safety': safety,
  '0010_openings': openings,
  '0011_stands': stands,
  '0012_sports': sports,
  '0013_full_sets': fullSets,
  '0014_weights': weights,
  '0015_decisions': decisions,
  '0016_review': review,
  '0017_floor': floor,
  '0018_routine': routine,
  '0019_founding': founding,
  '0020_sign_ins': signIns,
  '0021_depth': depth,
  '0022_privacy': privacy,
  '0023_guardians': guardians,
  '0024_passkeys': passkeys,
  '0025_sight': sight,
  '0026_day_sums': daySums,
  '0027_accepting': accepting,
  '0028_week_sums': weekSums,
  '0029_live': live,
}

/** Migrations by name, imported statically: the same code runs in the build and in the tests. */
export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(Object.keys(migrations)),
  getMigrationName: name => name,
  getMigration: name => Promise.resolve(migrations[name]!),
}
