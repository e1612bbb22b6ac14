import { defineEventHandler, setResponseStatus } from 'h3'
import { worded } from '#shared/english'

/** Addresses of the API that do not exist answer in the same shape as everything else. */
export default defineEventHandler((event) => {
  setResponseStatus(event, 404)
  return worded({ code: 'not-found', params: { what: 'address' }, path: '' })
})
