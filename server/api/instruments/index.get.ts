import { useInstruments } from '../../instruments'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/instruments', {
  handle: async () => ({ instruments: [...useInstruments().values()].flatMap(connection => connection.state() ?? []) }),
})
