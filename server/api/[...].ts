import { defineEventHandler, setResponseStatus } from 'h3'
import { wordsOf } from '../http/language'

/** Addresses of the API that do not exist answer in the same shape as everything else. */
export default defineEventHandler((event) => {
  setResponseStatus(event, 404)
  return wordsOf(event).worded({ code: 'not-found', params: { what: 'address' }, path: '' })
})
