export { DomainError } from './DomainError'
export { must } from './must'
export { refuseUnless } from './refuseUnless'
