export { checked, fieldMessages } from './check'
export { archiveSchema, athleteAddSchema, athleteSchema, athleteUpdateSchema } from './athlete'
export { accountSchema, groupSchema, signInSchema, unitsSchema } from './people'
export {
  assignSchema, bulkProposeSchema, doseSchema, facilitySchema, liftSchema, planSchema, saveWeekSchema, setLogSchema,
  setLogsSchema,
} from './week'
