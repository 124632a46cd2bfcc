import { benchEdit, benchProposals } from './core'
import { benchEffort } from './effort'
import { benchFloor } from './floor'
import { benchGrowth } from './growth'
import { benchLogInsert } from './logInsert'
import { benchEvaluation, benchRoster, benchSliderTick } from './mechanics'
import { benchPhoneLoad } from './phoneLoad'
import { benchProgress } from './progress'
import { benchSeasons } from './seasons'
import { benchSliderFrames } from './sliderFrames'
import { benchRosterWeeks, benchWeeks } from './weeks'

const { BENCH_URL, BENCH_DATABASE_URL } = process.env
if (!BENCH_URL || !BENCH_DATABASE_URL) throw new Error('Run this through: npm run bench')

console.log(await benchEdit())
console.log(await benchProposals())
console.log(await benchWeeks())
console.log(await benchRosterWeeks())
console.log(await benchEffort())
console.log(await benchSeasons())
console.log(await benchFloor())
console.log(benchProgress())
console.log(benchGrowth())
console.log(await benchEvaluation())
console.log(await benchRoster())
console.log(await benchSliderTick())
console.log(await benchSliderFrames(BENCH_URL))
console.log(await benchPhoneLoad(BENCH_URL))
console.log(await benchLogInsert(BENCH_URL, BENCH_DATABASE_URL))
