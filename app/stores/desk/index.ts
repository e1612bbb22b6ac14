import { defineStore } from 'pinia'
import { deskDocument } from './document'
import { deskRepository } from './repository'

export type { Stash } from './stashes'
export { hasDegrees, type Place } from './pins'

/** The study on the desk: its recipe, what the core makes of it, where the teacher is looking, and how it is kept. */
export const useDesk = defineStore('desk', () => {
  const document = deskDocument()
  return { ...document, ...deskRepository(document) }
})

export type Desk = ReturnType<typeof useDesk>
