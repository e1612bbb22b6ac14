import { homeWorker } from '../../built'
import { defineEventHandler, setResponseHeader } from 'h3'

/** The program that keeps pupils' pages open without a connection. */
export default defineEventHandler((event) => {
  setResponseHeader(event, 'content-type', 'text/javascript; charset=utf-8')
  // a browser asks whether it is still the same
  setResponseHeader(event, 'cache-control', 'no-cache')
  return homeWorker()
})
