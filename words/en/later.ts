import { compare } from './compare'
import { edges } from './edges'
import { elsewhere } from './page/elsewhere'
import { practice } from './practice'
import { syllabus } from './syllabus'

/** What is said anywhere else. */
export const later = { ...compare, ...syllabus, ...practice, ...edges, ...elsewhere } as const
