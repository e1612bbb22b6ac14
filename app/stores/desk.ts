import { defineStore } from 'pinia'
import { deskKeeping } from './deskKeeping'
import { deskStudy } from './deskStudy'

export type { Place } from './deskStudy'

/** The study on the desk: its recipe, what the core makes of it, where the teacher is looking, and how it is kept. */
export const useDesk = defineStore('desk', () => {
  const study = deskStudy()
  const keeping = deskKeeping(study)
  return { ...study, ...keeping }
})

export type Desk = ReturnType<typeof useDesk>
