import { type ShallowRef, shallowRef } from 'vue'
import { dateOf, type Help } from '#core/practice'
import type { StoredAim, PracticeFile, StudySet } from '#shared/api'
import { ask } from '~/composables/api'
import { studiesLeft, opened, practised, type PracticeView } from '~/practice'

/** What trying on works with. */
interface Keeping {
  readonly file: ShallowRef<PracticeFile | null>
  show(next: PracticeFile): Promise<void>
  saveAim(aim: Omit<StoredAim, 'version'>): Promise<void>
  guarded(work: () => Promise<void>): Promise<void>
  inTurn(work: () => Promise<void>): Promise<void>
}

/** Something that would help, as if it were done: nothing of it is kept before it is told to. */
export function practiceTrial({ file, show, saveAim, guarded, inTurn }: Keeping) {
  const trial = shallowRef<{ readonly help: Help; readonly view: PracticeView } | null>(null)

  const tryOn = (wanted: Help): Promise<void> =>
    guarded(async () => {
      const sent = file.value!
      const answer = opened(await practised((api) => api.trial(sent, wanted)))
      if (file.value === sent) trial.value = { help: wanted, view: answer.view }
    })
  const leaveTrial = (): void => {
    trial.value = null
  }

  async function takeGrade(grade: string, remaining: readonly string[]): Promise<StudySet> {
    const { id, syllabusId, version, studies } = file.value!.set
    const before = new Set(studies.map((study) => study.id))
    // what it asks comes first: if that fails, nothing has left the set
    const filled = await ask('POST /api/sets/:id/missing', { id }, { syllabusId, gradeId: grade, version })
    const stay = (study: string) => !before.has(study) || remaining.includes(study)
    return saveStudies(filled.set, filled.set.studies.map((study) => study.id).filter(stay))
  }
  const saveStudies = (set: StudySet, studyIds: readonly string[]): Promise<StudySet> => {
    const { id, title, syllabusId, gradeId, policies, version } = set
    return ask('PUT /api/sets/:id', { id }, { title, syllabusId, gradeId, policies, version, studyIds })
  }

  /** The set takes what was tried: without some studies, or another grade's, with those that it asks besides. */
  async function keepInSet(wanted: Help): Promise<void> {
    const { set } = file.value!
    const remaining = studiesLeft(file.value!, wanted)
    await (wanted.change === 'grade' ? takeGrade(wanted.grade, remaining) : saveStudies(set, remaining))
    await show(await ask('GET /api/sets/:id/practice', { id: set.id }))
  }

  /** What is tried on is done. */
  async function keepTrial(): Promise<void> {
    const { aim } = file.value!
    const wanted = trial.value!.help
    if (wanted.change === 'minutes') await saveAim({ ...aim!, minutesADay: wanted.minutesADay })
    else if (wanted.change === 'weeks') await saveAim({ ...aim!, exam: dateOf(wanted.exam) })
    else await inTurn(() => keepInSet(wanted))
  }

  return { trial, tryOn, leaveTrial, keepTrial }
}
