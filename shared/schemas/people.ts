import Joi from 'joi'
import {
  LENGTH_UNITS, MASS_UNITS, type Founding, type Guardian, type PasskeyInput, type SignInInput, type StaffChange,
  type StaffInvitation, type Units,
} from '../types'
import { choice, isoDay, form, id, listOf, timeZone } from './common'

const email = Joi.string().email({ tlds: { allow: false } }).max(200).required().label('E-mail')

export const signInSchema = form<SignInInput>({
  email,
  password: Joi.string().max(200).required().label('Password'),
  code: Joi.string().trim().max(20).label('Code'),
  ownDevice: Joi.boolean().label('Own device'),
})

/** The present password, where somebody else at an open screen must not do without it. */
export const presentPasswordSchema = form<{ password: string }>({
  password: Joi.string().max(200).required().label('Present password'),
})
/** What a browser made or showed: looked through by the package that checks it. */
const response = Joi.object().unknown().max(12).required().label('Passkey')
export const newPasskeySchema = form<PasskeyInput & { name: string }>({
  name: Joi.string().min(1).max(60).pattern(/\S/).required().label('Name'), response,
})
export const passkeySignInSchema = form<PasskeyInput & { ownDevice?: boolean }>({
  response, ownDevice: Joi.boolean().label('Own device'),
})
export const factorCodeSchema = form<{ code: string }>({ code: Joi.string().trim().max(20).required().label('Code') })

/** Ten characters: length is what protects, not symbols (NIST SP 800-63B, recalled from memory). */
const newPassword = Joi.string().min(10).max(200).required().label('New password')
  .messages({ 'string.min': 'Use at least 10 characters.' })

export const passwordSchema = form<{ password: string, next: string }>({
  password: Joi.string().max(200).required().label('Present password'),
  next: newPassword,
})

export const resetSchema = form<{ email: string }>({ email })

/** A link's token and the password its owner chooses. */
export const linkSchema = form<{ token: string, next: string }>({
  token: Joi.string().pattern(/^[\w-]{43}$/).required().label('Link'),
  next: newPassword,
})

const name = (label: string): Joi.StringSchema => Joi.string().min(2).max(80).pattern(/\S.*\S/).required().label(label)
  .messages({ 'string.pattern.base': `${label} is missing.` })
const groupIds = listOf('Groups', id('Group')).unique().max(50)
const staffRole = choice('Role', ['headCoach', 'coach', 'assistant'])

export const athleteInvitationSchema = form<{ id: string, email: string }>({ id: id('Key'), email })

export const staffInvitationSchema = form<StaffInvitation>({
  id: id('Key'), name: name('Name'), email, role: staffRole, groupIds,
})

export const staffChangeSchema = form<StaffChange>({
  version: Joi.number().integer().min(1).required().label('Version'),
  role: staffRole, groupIds, closed: Joi.boolean().required().label('Closed'),
})

/** Erasing asks for the name, so that it is never one slip of a finger. */
export const eraseSchema = form<{ name: string }>({ name: Joi.string().max(80).required().label('Name') })

export const unitsSchema = form<Units>({
  mass: choice('Mass unit', MASS_UNITS), length: choice('Length unit', LENGTH_UNITS),
})

const organisationAndHead = {
  organisationName: name('Name of the organisation'), timeZone, units: unitsSchema, name: name('Your name'), email,
}
export const foundingSchema = form<Founding>({
  code: Joi.string().max(40).required().label('Code'), ...organisationAndHead, password: newPassword,
})

/** What the owner of the machine types: links take the place of codes and passwords. */
export const ownerFoundingSchema = form<Omit<Founding, 'code' | 'password'>>(organisationAndHead)
export const ownerInvitationSchema = form<Pick<StaffInvitation, 'name' | 'email' | 'role'>>({
  name: name('Name'), email, role: staffRole,
})

export const groupSchema = form<{ id: string, name: string }>({
  id: id('Key'),
  name: Joi.string().min(2).max(60).pattern(/\S.*\S/).required().label('Group name'),
})

export const guardianSchema = form<Guardian>({
  version: Joi.number().integer().min(0).required().label('Version'),
  name: name('Guardian'),
  contact: Joi.string().min(3).max(200).pattern(/\S/).required().label('How to reach them'),
  consentOn: isoDay('Consented on').allow(null),
  coaches: listOf('Coaches', id('Coach')).unique().max(50),
})
