import { familyOf } from '#core/instrument'
import { DomainError } from '#core/message'
import { notesMessage, touchMessage } from '#core/study'
import { ladderOf, targetOf } from '#core/practice'
import { playersIn, realise, type RealisedStudy } from '#core/realise'
import {
  type Card,
  cardPages,
  type Faces,
  type Page,
  type Sheet,
  type SheetLook,
  type SheetStudy,
  sheetPages,
} from '#paper'
import type { Wording } from '../wording'
import type { PaperRequest, StudyOut } from './requests'
import { leafOf, strokesTold } from './frame'

type TaskInput<Sheet extends PaperRequest['sheet']> = Extract<PaperRequest, { readonly sheet: Sheet }>

/** “♩ = 60 in eighths, legato”. */
function tempoOf(w: Wording, { recipe }: RealisedStudy): string {
  const notes = w.text('print.tempo', { notesMessage: w.format(notesMessage(recipe.tempo.notesPerBeat)) })
  const touch = familyOf(recipe).hasTouch ? `, ${w.format(touchMessage(recipe))}` : ''
  return `♩ = ${recipe.tempo.bpm} ${notes}${touch}`
}

/** How all of it is swung or rolled, and what each section is. */
function headsOf(w: Wording, study: RealisedStudy): SheetStudy['heads'] {
  const { recipe, sections = [] } = study
  const { swing } = recipe.rhythm
  const roll = familyOf(recipe).rollOf(study)
  const notices = [
    swing === 50 ? '' : w.text('score.score-system.swing', { swing }),
    roll && sections.length === 0 ? w.text('score.score-system.strokes-per-beat', { roll }) : '',
  ].filter(Boolean)
  return [
    ...(notices.length > 0 ? [{ step: 0, words: notices.join(', ') }] : []),
    ...sections.map(({ from, words }) => ({ step: from, words: w.format(words) })).filter(({ words }) => words !== ''),
  ]
}

/** Beats a minute from where practice begins to what is asked. */
function tempiOf({ recipe }: RealisedStudy): number[] {
  const target = targetOf(recipe)
  return ladderOf(target).map((notes) => Math.round(notes / target.notesPerBeat))
}

/** Studies as they are played. @throws DomainError naming the first that cannot be */
function playedIn(studies: readonly StudyOut[]): RealisedStudy[] {
  return studies.map(({ recipe, accepted = {} }, at) => {
    try {
      return realise(recipe, accepted, 0)
    } catch (error) {
      if (error instanceof DomainError) throw error.at(`studies[${at}].${error.path}`)
      throw error
    }
  })
}

/** A study's title; where one line of several is printed, that is said. */
function lineMessage(w: Wording, study: RealisedStudy, { hands }: SheetLook): string {
  const title = w.format(study.title)
  const players = playersIn(study)
  const alone = hands !== 'all' && players.length > 1 && players.includes(hands)
  return alone ? w.text('print.line-of', { title, hand: hands }) : title
}

const sheetStudy = (w: Wording, study: RealisedStudy, look: SheetLook): SheetStudy => ({
  ...{ study, title: lineMessage(w, study, look), tempo: tempoOf(w, study) },
  ...{ heads: headsOf(w, study), tempi: tempiOf(study) },
  step: (semitones) => w.text('print.worksheet.step', { semitones }),
})

const bookOf = (w: Wording, { book }: SheetLook, count: number): Pick<Sheet, 'book'> =>
  book ? { book: { contents: w.text('print.book.contents'), count: w.text('print.book.count', { count }) } } : {}

/** Pages of a study, or of a set in its order, and their title: the study’s own where none is given. */
export function studyPages({ title, name, studies, look, size }: TaskInput<'studies'>, faces: Faces, w: Wording) {
  const played = playedIn(studies)
  const own = title || (played.length === 1 ? lineMessage(w, played[0]!, look) : w.text('print.studies.title'))
  const leaf = leafOf(
    w,
    size,
    own,
    played.map(({ plays }) => plays),
    name,
    { signs: strokesTold(played), chords: look.chordNames ? 'names' : 'signs' },
  )
  return {
    title: own,
    pages: sheetPages(
      { ...leaf, look, ...bookOf(w, look, played.length), studies: played.map((study) => sheetStudy(w, study, look)) },
      faces,
    ),
  }
}

const cardOf = (w: Wording, study: RealisedStudy): Card => ({
  title: w.format(study.title),
  lines: [tempoOf(w, study)],
  study,
})

/** Pages of cards, one study to a card. */
export function cardsOf(
  { title, studies, size }: TaskInput<'cards'>,
  faces: Faces,
  w: Wording,
): { title: string; pages: Page[] } {
  const played = playedIn(studies)
  const own = title || w.text('print.cards.title')
  const leaf = leafOf(
    w,
    size,
    own,
    played.map(({ plays }) => plays),
    '',
  )
  return { title: own, pages: cardPages({ ...leaf, cards: played.map((study) => cardOf(w, study)) }, faces) }
}
