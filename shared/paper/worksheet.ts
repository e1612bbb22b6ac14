import { keyNamed, KINDS } from '#core/material'
import { listed, type Message, named } from '#core/message'
import { noteName, printedName } from '#core/pitch'
import { isFree } from '#core/study'
import { type Question, questionsOf, type Section, type Task, type WrittenAnswer } from '#core/worksheet'
import { type Faces, type Page, type Worksheet, worksheetPages, type WorksheetWords } from '#paper'
import { refuse } from '../messages'
import type { Wording } from '../wording'
import type { PaperRequest } from './requests'
import { fifthsText } from './chart'
import { leafOf } from './frame'

type TaskInput = Extract<PaperRequest, { readonly sheet: 'worksheet' }>

/** Kinds with the signature of the major or the minor key on their tonic are asked for by that. */
const MODES: Readonly<Record<string, string>> = { 0: 'major', '-3': 'minor' }

/** A key as it is asked: a minor whose form is to be found is not told by it. */
function keyOf(w: Wording, { task, tonic, study }: Question): string {
  const { material } = study.recipe
  const mode = isFree(material) ? 'major' : MODES[String(KINDS[material.kind].signature)]
  if (task === 'minor-form' || (task === 'signature' && mode))
    return w.text('print.worksheet.key', { tonic: named(noteName(tonic)), mode: mode ?? 'minor' })
  return w.format(keyNamed(isFree(material) ? { tonic: noteName(tonic), kind: 'major' } : material))
}

const tetrachordText = (w: Wording, kind: string): string => w.text('print.worksheet.tetrachord', { kind })

/** The lines to write on, each with what belongs on it. */
function writtenOn(w: Wording, answer: WrittenAnswer): { label: string; answer: string }[] {
  switch (answer.is) {
    case 'marks':
      return [{ label: answer.notes.map(printedName).join('  '), answer: answer.marks.join('  ') }]
    case 'tetrachords':
      return [
        { label: w.text('print.worksheet.lower'), answer: tetrachordText(w, answer.lower) },
        { label: w.text('print.worksheet.upper'), answer: tetrachordText(w, answer.upper) },
      ]
    case 'key':
      return [{ label: '=', answer: `${printedName(answer.tonic)}, ${fifthsText(w, answer.fifths)}` }]
    case 'chords':
      return answer.chords.map((chord, inversion) => ({
        label: w.text('print.worksheet.inversion', { inversion }),
        answer: chord.map(printedName).join('  '),
      }))
    case 'form':
      return [
        { label: w.text('print.worksheet.form'), answer: w.text('print.worksheet.form-of', { form: answer.form }) },
      ]
  }
}

/** Tasks that none of the keys has a question for. */
function leftOut(tasks: readonly Task[], sections: readonly Section[]): Message[] {
  const left = tasks.filter((task) => !sections.some((section) => section.task === task))
  const named = left.map((task): Message => ({ code: 'print.worksheet.short', params: { task, player: 'right' } }))
  return left.length > 0 ? [{ code: 'print.worksheet.left-out', params: { tasks: listed(named) } }] : []
}

/** Who plays what is asked, as it is called in a sentence: the same for all of a section. */
const playerOf = ({ questions: [first] }: Section): string => first!.player

function wordsFor(w: Wording, leaf: ReturnType<typeof leafOf>): WorksheetWords {
  return {
    ...leaf.words,
    task: (section) => w.text('print.worksheet.task', { task: section.task, player: playerOf(section) }),
    short: (section) => w.text('print.worksheet.short', { task: section.task, player: playerOf(section) }),
    key: (question) => keyOf(w, question),
    written: (answer) => writtenOn(w, answer),
    step: (semitones) => w.text('print.worksheet.step', { semitones }),
    marks: w.text('print.worksheet.marks'),
    total: w.text('print.worksheet.total'),
  }
}

/**
 * A worksheet, its answers behind it or alone; its number stands in the title, so that it can be made again.
 * @throws DomainError where the instrument does not take a kind, or nothing can be asked of the kinds
 */
export function worksheetSheet(
  { worksheet, size }: TaskInput,
  faces: Faces,
  w: Wording,
): { title: string; pages: Page[]; notices: Message[] } {
  const sections = questionsOf(worksheet)
  if (sections.length === 0) throw refuse('worksheet.none', {}, 'worksheet.tasks')
  const title = w.text('print.worksheet.title', { seed: worksheet.seed })
  const sheetOf = (answers: boolean): Page[] => {
    const notices = answers ? w.text('print.worksheet.answers', { title }) : title
    const leaf = leafOf(w, size, notices, 'theory', answers ? '' : undefined)
    const sheet: Worksheet = { ...leaf, words: wordsFor(w, leaf), sections, answers }
    return worksheetPages(sheet, faces)
  }
  const { answers } = worksheet
  return {
    title,
    notices: leftOut(worksheet.tasks, sections),
    pages: [...(answers === 'only' ? [] : sheetOf(false)), ...(answers === 'none' ? [] : sheetOf(true))],
  }
}
