import { benchEdit, benchProposals } from './core'
import { benchEffort } from './effort'
import { benchFloor } from './floor'
import { benchGrowth } from './growth'
import { benchLogInsert } from './logInsert'
import { benchEvaluation, benchRoster, benchSliderTick } from './mechanics'
import { benchPageChanges, benchPages } from './pages'
import { benchPhoneLoad } from './phoneLoad'
import { benchProgress } from './progress'
import { benchSeasons } from './seasons'
import { benchSliderFrames } from './sliderFrames'
import { benchRosterWeeks, benchWeeks } from './weeks'

const { BENCH_URL, BENCH_DATABASE_URL } = process.env
if (!BENCH_URL || !BENCH_DATABASE_URL) throw new Error('Run this through: npm run bench')

const PARTS: Readonly<Record<string, () => string | Promise<string>>> = {
  edit: benchEdit, proposals: benchProposals, weeks: benchWeeks, rosterWeeks: benchRosterWeeks, effort: benchEffort,
  seasons: benchSeasons, floor: benchFloor, progress: benchProgress, growth: benchGrowth,
  evaluation: benchEvaluation, roster: benchRoster, sliderTick: benchSliderTick,
  sliderFrames: () => benchSliderFrames(BENCH_URL), phone: () => benchPhoneLoad(BENCH_URL),
  pages: () => benchPages(BENCH_URL), pageChanges: () => benchPageChanges(BENCH_URL),
  sets: () => benchLogInsert(BENCH_URL, BENCH_DATABASE_URL),
}

const asked = process.argv.slice(2)
const unknown = asked.filter(name => !(name in PARTS))
if (unknown.length > 0) throw new Error(`There is no ${unknown.join(', ')}: ${Object.keys(PARTS).join(', ')}.`)
for (const name of asked.length > 0 ? asked : Object.keys(PARTS)) console.log(await PARTS[name]!())
