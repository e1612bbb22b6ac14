import Joi from 'joi'
import { MAX_PASSWORD, TEACHER_ROLES } from './people'
import { uuid, words } from './words'

const name = words(80).min(1).required()
/** As it was typed: neither trimmed nor shortened. */
const password = Joi.string().min(1).max(MAX_PASSWORD).required()
/** Whatever stood in an address: one that opens nothing is answered as one that was used. */
const token = Joi.string().max(100).required()

/** Bodies of requests about who works in a studio. */
export const peopleBodies = {
  signIn: Joi.object({ name, password }),
  owner: Joi.object({ token, studio: name, name, password }),
  invitation: Joi.object({ token }),
  accept: Joi.object({ token, password }),
  password: Joi.object({ current: password, password }),
  teacher: Joi.object({
    name,
    role: Joi.valid(...TEACHER_ROLES.filter((role) => role !== 'owner')).required(),
    until: Joi.string().when('role', { is: 'substitute', then: Joi.required(), otherwise: Joi.forbidden() }),
  }),
  shares: Joi.object({
    shares: Joi.array()
      .items(Joi.object({ teacherId: uuid.required(), until: Joi.string().allow(null).required() }))
      .max(100)
      .unique('teacherId')
      .required(),
  }),
  handOver: Joi.object({ teacherId: uuid.required() }),
}
