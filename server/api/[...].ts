import { defineEventHandler, setResponseStatus } from 'h3'

/** Addresses of the API that do not exist answer in the same shape as everything else. */
export default defineEventHandler((event) => {
  setResponseStatus(event, 404)
  return { code: 'not-found', message: 'There is nothing at this address.', path: '' }
})
