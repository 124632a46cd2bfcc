export { DomainError } from './DomainError'
