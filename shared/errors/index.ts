export { AppError, ERROR_STATUS, messageOf, NoConnection, storedFirst, type ErrorBody } from './AppError'
