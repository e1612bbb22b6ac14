import { gradesBelow } from '#core/practice'
import { gradeSet, moveBetween, placeSet } from '#core/syllabus'
import type { Recipe, RecipeInput } from '#core/instrument'
import type { Accepted } from '#core/realise'
import type { Settings, Policies, Syllabus } from '#core/syllabus'
import type { LinePlayed } from '#shared/home'
import type { PaperRequest } from '#shared/paper'
import { wordingFor } from '#shared/languages'
import type { Faces } from '#paper'
import type { FileRequest } from '#shared/schemas'
import { solverMeans } from '#shared/solver'
import type { ReadSoFar, UsualHead } from '#shared/syllabusCsv'
import { changedStudy } from '../changing'
import type { StudyContent } from '../db'
import { previewMusic, writtenFile } from '../music'
import type { ArchiveRequest } from '../archive/write'
import type { CalendarRequest } from '../calendarFile'
import { weightsOf, type Weighed } from '../weight'
import { type Planning, progressFrom, type StatesAsked, statesFrom, type ToldAsked, toldOf } from '../planning'
import { previewFile } from '../preview'
import { contentOf, playableOf } from '../studies'

interface Graded {
  readonly list: Syllabus
  readonly recipes: readonly Recipe[]
  readonly policies: Policies
}

/** A sheet, and the language that it is in. */
interface ForPaper {
  readonly request: PaperRequest
  readonly language: string
}

/** Paper is loaded by those threads only that make it: its faces are large. */
const paper = () => import('#shared/paper')
const faces = () => import('#paper/faces')

let measured: Promise<Faces> | undefined
/** Faces that are measured and drawn as outlines. */
const pageFaces = (): Promise<Faces> =>
  (measured ??= Promise.all([import('#paper'), faces()]).then(([{ facesFrom }, { FACE_FILES }]) =>
    facesFrom(FACE_FILES),
  ))

/** What threads do, by name: each takes one value that can be copied, and answers with one. */
export const TASKS = {
  grade: async ({ list, grade, recipes, policies }: Graded & { readonly grade: string }) =>
    gradeSet(list, grade, recipes, policies, await solverMeans()),

  /** All grades in the time of one. */
  place: async ({ list, recipes, policies }: Graded) => {
    const means = await solverMeans()
    const milliseconds = Math.ceil(means.milliseconds / Math.max(1, list.grades.length))
    return placeSet(list, recipes, policies, { ...means, milliseconds })
  },

  move: async ({
    before,
    list,
    grade,
    recipes,
    policies,
  }: Graded & { readonly before: Syllabus; readonly grade: string }) =>
    moveBetween(before, list, grade, recipes, policies, await solverMeans()),

  instead: async ({
    list,
    grade,
    recipes,
    policies,
    settings,
  }: Graded & { readonly grade: string; readonly settings: Settings }) =>
    gradesBelow(list, grade, recipes, policies, settings, await solverMeans()),

  /** A file of music, or of our own, as it would be read. */
  open: ({ bytes }: { readonly bytes: Uint8Array }) => previewMusic(bytes),

  /** Paper as pages to be looked at, and as a file. */
  pages: async ({ request, language }: ForPaper) =>
    (await paper()).paperPages(request, (await faces()).FACE_FILES, wordingFor(language)),
  pdf: async ({ request, language }: ForPaper) =>
    (await paper()).paperPdf(request, (await faces()).FACE_FILES, wordingFor(language)),

  /** A line of a pupil's page. */
  homeLine: async ({ line }: { readonly line: LinePlayed }) =>
    (await import('#shared/home/music')).drawnLine(line, await pageFaces()),

  /** How many notes each study of a batch has. */
  weigh: (batch: Weighed) => weightsOf(batch),

  /** How each study of a set stands today. */
  readiness: (asked: StatesAsked) => statesFrom(asked),

  /** What was said of cold tests, and what came. */
  told: (asked: ToldAsked) => toldOf(asked),

  /** How far a set is on its way to its exam. */
  progress: (planning: Planning) => progressFrom(planning),
  calendar: async ({ request, language }: { readonly request: CalendarRequest; readonly language: string }) =>
    (await import('../calendarFile')).calendarFrom(request, wordingFor(language)),

  /** A studio's archive: written, and read. */
  archive: async (
    { request, language }: { readonly request: ArchiveRequest; readonly language: string },
    soFar?: ReadSoFar,
  ) => (await import('../archive/write')).writeArchive(request, language, wordingFor(language), soFar),
  openArchive: async ({ bytes, pupil }: { readonly bytes: Uint8Array; readonly pupil: string | null }) =>
    (await import('../archive/read')).openArchive(bytes, pupil),

  /** A file of some studies. */
  write: ({ request, language }: { readonly request: Omit<FileRequest, 'ids'>; readonly language: string }) =>
    writtenFile(request, language),

  /** A file of a list, as it would be read. */
  preview: ({ bytes, usual }: { readonly bytes: Uint8Array; readonly usual: UsualHead }, soFar?: ReadSoFar) =>
    previewFile(bytes, usual, soFar),

  content: ({ recipe, accepted }: { readonly recipe: RecipeInput; readonly accepted: Accepted }) =>
    contentOf(recipe, accepted),

  /** Studies ready to be stored. @throws DomainError naming the first that cannot be, counted from `from` */
  contents: ({ recipes, from }: { readonly recipes: readonly RecipeInput[]; readonly from: number }) =>
    recipes.map((recipe, at) => contentOf(recipe, {}, `recipes[${from + at}]`)),

  /** Studies with some of each changed; null where one is so already. */
  changed: ({ studies, some }: { readonly studies: readonly StudyContent[]; readonly some: Partial<RecipeInput> }) =>
    studies.map((study) => changedStudy(study, some)),

  playable: ({ recipes }: { readonly recipes: readonly RecipeInput[] }) => playableOf(recipes),
}

type Tasks = typeof TASKS
export type TaskName = keyof Tasks
export type TaskInput<Name extends TaskName> = Parameters<Tasks[Name]>[0]
export type Answer<Name extends TaskName> = Awaited<ReturnType<Tasks[Name]>>
