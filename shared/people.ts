import type { Date } from '#core/practice'

export const TEACHER_ROLES = ['owner', 'teacher', 'substitute'] as const
/** What a teacher may do in a studio: its owner puts people in order; a substitute is there until a day. */
export type TeacherRole = (typeof TEACHER_ROLES)[number]

/** Who is signed in. */
export interface SignedIn {
  readonly id: string
  readonly name: string
  readonly role: TeacherRole
  readonly studio: string
}

/** What a page knows before anybody has signed in. */
export interface SessionState {
  /** Whether this installation asks who one is. */
  readonly signIn: boolean
  /** Whether nobody can sign in yet, as there is no owner. */
  readonly needsOwner: boolean
  readonly teacher: SignedIn | null
}

/** Shortest and longest password. A long one is better than an odd one (NIST SP 800-63B). */
export const [MIN_PASSWORD, MAX_PASSWORD] = [8, 200]

/** Somebody who teaches in a studio, as its owner sees it. */
export interface Teacher {
  readonly id: string
  readonly name: string
  readonly role: TeacherRole
  /** A substitute's last day. */
  readonly until: Date | null
  /** Whether a password was chosen: until then the invitation is open. */
  readonly joined: boolean
  readonly left: boolean
  readonly pupils: number
  /** Pupils with an exam ahead, and those of whom nothing was written down for two weeks. */
  readonly exams: number
  readonly quiet: number
}

/** A place where somebody is signed in. */
export interface OpenSession {
  readonly id: string
  /** The browser, as it calls itself. */
  readonly agent: string
  readonly madeAt: string
  readonly seenAt: string
  readonly here: boolean
}

/** A pupil's own page: where it is, and when it was last opened. */
export interface PupilLink {
  /** Null where the key that it was sealed with is gone: the page still opens, but cannot be printed again. */
  readonly path: string | null
  readonly madeAt: string
  readonly openedAt: string | null
}

/** Somebody else who sees a pupil; null for good. */
export interface PupilShare {
  readonly teacherId: string
  /** The last day. */
  readonly until: Date | null
}

/** Whose a pupil is, and who else sees the pupil. */
export interface PupilPeople {
  readonly teacherId: string | null
  readonly shares: readonly PupilShare[]
  readonly colleagues: readonly { readonly id: string; readonly name: string }[]
}
