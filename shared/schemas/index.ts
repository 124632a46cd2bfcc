export { checked, fieldMessages } from './check'
export {
  CATALOGUE_EDITION, CATALOGUE_FORMAT, catalogueFileSchema, ownCatalogueSchema, saveCatalogueSchema, variationSchema,
} from './catalogue'
export {
  answersSchema, braceCheckSchema, braceCourseSchema, clearanceSchema, instrumentCommandSchema, instrumentQuerySchema,
  ownTestsSchema, painSchema, placeSchema, practiceSchema, trialSchema, trialsSchema, withdrawSchema,
  withdrawTrialsSchema,
} from './assessment'
export { archiveSchema, athleteAddSchema, athleteSchema, athletesImportSchema, athleteUpdateSchema } from './athlete'
export {
  athleteInvitationSchema, eraseSchema, factorCodeSchema, foundingSchema, groupSchema, guardianSchema, linkSchema,
  newPasskeySchema, ownerFoundingSchema, ownerInvitationSchema, passkeySignInSchema, passwordSchema,
  presentPasswordSchema, resetSchema, signInSchema, staffChangeSchema, staffInvitationSchema, unitsSchema,
} from './people'
export { decisionsSchema } from './decisions'
export { reportLinkSchema, sessionEffortSchema } from './review'
export { facilitySchema, roomsSchema } from './facility'
export { floorBoardSchema } from './floor'
export { sportsSchema } from './sports'
export { isTimeZone } from './common'
export { dayParam, keyParam, mondayParam, recordQuerySchema } from './address'
export {
  assignSchema, doseSchema, planSchema, proposeSchema, saveWeekSchema, setLogSchema, setLogsSchema,
  standInSchema, swapSchema,
} from './week'
export {
  athleteSeasonChangeSchema, calendarSourceSchema, entrySchema, feedSchema, seasonChangeSchema, seasonShapeSchema,
} from './season'
export { rosterQuerySchema, squadQuerySchema } from './roster'
export { acceptRunSchema, applySchema, planRunSchema, rulesChangeSchema } from './planning'
