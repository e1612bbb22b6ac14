import Joi from 'joi'
import { MAX_PASSWORD, TEACHER_ROLES } from './people'
import { uuid, words } from './words'

const name = words(80).min(1).required()
/** As it was typed: neither trimmed nor shortened. */
const password = Joi.string().min(1).max(MAX_PASSWORD).required()
const token = Joi.string()
  .pattern(/^[\w-]{20,60}$/)
  .required()

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
  handOver: Joi.object({ teacherId: uuid.required() }),
}
