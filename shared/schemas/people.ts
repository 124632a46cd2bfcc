import Joi from 'joi'
import { LENGTH_UNITS, MASS_UNITS, type SignInInput, type Units } from '../types'
import { choice, form, id } from './common'

const email = Joi.string().email({ tlds: { allow: false } }).max(200).required().label('E-mail')

export const signInSchema = form<SignInInput>({
  email,
  password: Joi.string().max(200).required().label('Password'),
})

/** Ten characters: length is what protects, not symbols (NIST SP 800-63B, recalled from memory). */
export const accountSchema = form<SignInInput>({
  email,
  password: Joi.string().min(10).max(200).required().label('Password')
    .messages({ 'string.min': 'Use at least 10 characters.' }),
})

export const unitsSchema = form<Units>({ mass: choice('Mass unit', MASS_UNITS), length: choice('Length unit', LENGTH_UNITS) })

export const groupSchema = form<{ id: string, name: string }>({
  id: id('Key'),
  name: Joi.string().min(2).max(60).pattern(/\S.*\S/).required().label('Group name'),
})
