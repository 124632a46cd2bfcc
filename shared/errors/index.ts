export { AppError, ERROR_STATUS, type ErrorBody, type ErrorCode } from './AppError'
