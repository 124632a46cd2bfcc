export { AppError, ERROR_STATUS, type ErrorBody } from './AppError'
