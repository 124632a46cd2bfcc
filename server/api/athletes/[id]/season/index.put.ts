import { athleteSeasonChangeSchema } from '~~/shared/schemas'
import { changeAthleteSeason } from '../../../../services/changeSeason'
import { defineRoute } from '../../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/season', {
  body: athleteSeasonChangeSchema,
  handle: ({ context, body, param }) => changeAthleteSeason(context, param('id'), body),
})
