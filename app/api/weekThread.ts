import { catalogueWith } from '~~/core/catalogue'
import { proposeWeek } from '~~/core/programme'
import { planningContext } from '~~/shared/planningContext'
import type { QuickAsk, QuickWeek } from './quickWeek'
import { answerAll } from './thread'

/** The thread that fills a week, so that the page goes on meanwhile. */
answerAll(({ athlete, startsOn, competitions, settled, own, sessions, before }: QuickAsk): QuickWeek => {
  const context = planningContext(athlete, startsOn, competitions, catalogueWith(own), settled)
  const { plan, notes, proof } = proposeWeek({ context, sessions }, { before })
  return { plan, notes, proof }
})
