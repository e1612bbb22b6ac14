import type { Recipe } from '#core/instrument'
import type { WeekLine } from '#core/lesson'
import { type Target, targetOf, type Weekday, type Where } from '#core/practice'
import { materialName } from '#core/realise'
import type { LessonRow } from '#shared/lessonView'
import { wordsFor } from '~/components/instrument/words'
import { bpmOf } from '~/components/practice/tempo'
import { formatMessage, t } from '~/composables/words'

/** What is played; the rest stands beside it. */
export const titleWords = (recipe: Recipe): string => formatMessage(materialName(recipe))
export const detailWords = (recipe: Recipe): string => wordsFor(recipe).programme(recipe)

/** A place as it is worked at: “around the turn”, “around note 5, right hand”. */
export function placeWords(where: Where): string {
  const at =
    'place' in where
      ? t('practice.place', { place: where.place })
      : t('practice.entry.note', { note: where.index + 1, player: 'none' })
  return t('lesson.around', { at })
}
const handOf = (where: Where | null): string | null =>
  where?.player === 'right' || where?.player === 'left' ? where.player : null

/** The tempo of a line: where it begins, and what it is to reach. */
export function tempoWords({ study, tempo, reach }: Pick<WeekLine, 'study' | 'tempo' | 'reach'>): string {
  const [from, to] = [bpmOf(tempo, study), bpmOf(reach, study)]
  return to > from ? t('lesson.tempo.up-to', { from, to }) : t('lesson.tempo', { bpm: from })
}

type Worked = Pick<WeekLine, 'study' | 'hands' | 'stage' | 'where' | 'test'>

/** What of a study is worked at: “left hand, the crossings alone”, “left hand, around the turn”. */
export function stageWords({ study, hands, stage, where, test }: Worked): string {
  // a study for one hand says which, where its step does not
  const hand = handOf(where) ?? (hands === study.hands && hands === 'together' ? null : hands)
  // a test of the whole is of no stage
  const told = where || (test && stage === 'cold') ? null : stage
  const saysHand = told === 'right-alone' || told === 'left-alone'
  const parts = [
    hand && !saysHand && t('lesson.hands', { hands: hand }),
    told && formatMessage({ code: 'stage', params: { stage: told } }),
    test && t('lesson.test'),
    where && placeWords(where),
  ]
  return parts.filter(Boolean).join(', ')
}

/** How a line is practised: “left hand, around the turn, ♩ = 50”. */
export const howWords = (line: Worked & Pick<WeekLine, 'tempo' | 'reach'>): string =>
  [stageWords(line), tempoWords(line)].filter(Boolean).join(', ')

/** A line that a teacher adds: a study from its first step, or as it stands where it is through that. */
export function lineOf(
  row: Pick<LessonRow, 'id' | 'recipe'> & Partial<Pick<LessonRow, 'stages' | 'stage' | 'tempo'>>,
  days: readonly Weekday[],
): WeekLine {
  const target: Target = targetOf(row.recipe)
  const stage = (row.stages ?? target.stages)[row.stage ?? 0]!
  const tempo = row.tempo ?? Math.round(target.required * 0.7)
  return {
    ...{ id: crypto.randomUUID(), studyId: row.id, study: row.recipe, hands: stage.hands, octaves: stage.octaves },
    ...{ stage: stage.id, tempo, reach: tempo, minutes: stage.minutes, days, test: false, where: null },
    ...{ because: 'by-hand', note: '' },
  }
}

/** The steps that a study can be practised in, as choices. */
export const stagesOf = (recipe: Recipe): { value: string; words: string }[] =>
  targetOf(recipe).stages.map(({ id }) => ({
    value: id,
    words: formatMessage({ code: 'stage', params: { stage: id } }),
  }))

/** A line at another step: its hands and octaves are the step's. */
export function atStage(line: WeekLine, id: string): WeekLine {
  const stage = targetOf(line.study).stages.find((each) => each.id === id)
  if (!stage) return line
  const { hands, octaves } = stage
  return { ...line, stage: id, hands, octaves, where: null, test: id === 'cold', minutes: stage.minutes }
}
