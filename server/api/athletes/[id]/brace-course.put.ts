import { braceCourseSchema } from '~~/shared/schemas'
import { setBraceCourse } from '../../../services/brace'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('PUT /api/athletes/:id/brace-course', {
  body: braceCourseSchema,
  handle: ({ context, param, body }) => setBraceCourse(context, param('id'), body),
})
