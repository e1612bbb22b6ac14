import { shallowRef } from 'vue'
import type { Order } from '#core/syllabus'
import type { StudySet, Undo } from '#shared/api'
import type { Answer, Route } from '#shared/routes'
import { ask, isUnreachable } from '~/composables/api'
import type { SetKeeping } from './setKeeping'
import { setUnanswered } from './setUnanswered'
import { t, formatMessage } from '~/composables/words'

/** What is done to a set as it was seen. */
type SetRoute = Extract<Route, `POST /api/sets/:id/${string}`>

/** What follows from a grading: holes filled, near misses mended, the programme ordered; each with its way back. */
export function setGrading(keeping: SetKeeping) {
  const { set, notice, error, guarded, settle, refuse } = keeping
  const unanswered = setUnanswered(keeping)
  /** The way back from what was done last, and what that was. */
  const back = shallowRef<{ readonly words: string; readonly undo: Undo } | null>(null)
  const forget = (): void => {
    back.value = null
  }

  /** Asks the server for something that is done to the set as it was seen. */
  function work<R extends SetRoute>(route: R, body: object, then: (answer: Answer<R>) => Promise<void>): Promise<void> {
    return guarded(async () => {
      const { id, version } = set.value!
      try {
        await then(await ask(route, { id }, { ...body, version }))
      } catch (problem) {
        if (isUnreachable(problem)) unanswered(id, version)
        refuse(problem, set.value!)
      }
    })
  }

  const idsOf = ({ studies }: StudySet): string[] => studies.map((study) => study.id)

  /** Adds what is missing, or some of it; what was chosen is remembered for the pupil. */
  function addMissing(some: { only?: readonly string[]; choices?: Record<string, string> } = {}): Promise<void> {
    const { syllabusId, gradeId } = set.value!
    const before = idsOf(set.value!)
    return work('POST /api/sets/:id/missing', { syllabusId, gradeId, ...some }, async (answer) => {
      await settle(answer.set)
      if (answer.refused.length > 0)
        error.value = t('sets.set-grading.unplayable', { what: answer.refused.map(formatMessage).join(' ') })
      const made = answer.set.studies
        .filter(({ id }) => !before.includes(id))
        .map(({ id, version }) => ({ id, version }))
      notice.value = t('sets.set-grading.added', { added: answer.added })
      back.value =
        made.length <= 10 ? { words: notice.value, undo: { studyIds: before, studies: [], remove: made } } : null
    })
  }

  const mend = (atom: string): Promise<void> =>
    work('POST /api/sets/:id/mend', { atom }, async (answer) => {
      await settle(answer.set)
      notice.value = t('sets.set-grading.mended')
      back.value = { words: formatMessage(answer.message), undo: answer.undo }
    })

  function order(by: Order): Promise<void> {
    const before = idsOf(set.value!)
    return work('POST /api/sets/:id/order', { by }, async (answer) => {
      await settle(answer)
      notice.value = t('sets.set-grading.in-order')
      back.value = {
        words: t('sets.set-grading.order-before'),
        undo: { studyIds: before, studies: [], remove: [] },
      }
    })
  }

  function undoLast(): Promise<void> {
    const { undo } = back.value!
    return work('POST /api/sets/:id/restore', undo, async (answer) => {
      forget()
      await settle(answer.set)
      const titles = answer.binned.map(({ title }) => formatMessage(title))
      notice.value =
        titles.length > 0
          ? t('sets.set-grading.undone-binned', { count: titles.length, titles: titles.join(', ') })
          : t('sets.set-grading.undone')
    })
  }

  /** The set is as its list asks now. */
  const settleList = (): Promise<void> =>
    work('POST /api/sets/:id/settle', {}, async (answer) => {
      await settle(answer)
    })

  return { back, forget, addMissing, mend, order, undoLast, settleList }
}
