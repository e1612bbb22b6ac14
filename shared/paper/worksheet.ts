import { keyNamed, KINDS } from '#core/material'
import { listed, type Message, named } from '#core/message'
import { noteName, printedName } from '#core/pitch'
import { isFree } from '#core/study'
import { type Question, questionsOf, type Section, type Task, type WrittenAnswer } from '#core/worksheet'
import { type Faces, type Page, type Worksheet, worksheetPages, type WorksheetWords } from '#paper'
import { refuse } from '../messages'
import { inEnglish } from '../english'
import type { PaperAsked } from './asked'
import { fifthsMessage } from './chart'
import { leafOf, said } from './frame'

type Asked = Extract<PaperAsked, { readonly sheet: 'worksheet' }>

/** Kinds with the signature of the major or the minor key on their tonic are asked for by that. */
const MODES: Readonly<Record<string, string>> = { 0: 'major', '-3': 'minor' }

/** A key as it is asked: a minor whose form is to be found is not told by it. */
function keyOf({ task, tonic, study }: Question): string {
  const { material } = study.recipe
  const mode = isFree(material) ? 'major' : MODES[String(KINDS[material.kind].signature)]
  if (task === 'minor-form' || (task === 'signature' && mode))
    return said('print.worksheet.key', { tonic: named(noteName(tonic)), mode: mode ?? 'minor' })
  return inEnglish(keyNamed(isFree(material) ? { tonic: noteName(tonic), kind: 'major' } : material))
}

const tetrachordMessage = (kind: string): string => said('print.worksheet.tetrachord', { kind })

/** The lines to write on, each with what belongs on it. */
function writtenOn(answer: WrittenAnswer): { label: string; answer: string }[] {
  switch (answer.is) {
    case 'degrees':
      return [
        {
          label: said('print.worksheet.degrees'),
          answer: answer.degrees.length > 0 ? answer.degrees.join(', ') : said('print.worksheet.none'),
        },
      ]
    case 'tetrachords':
      return [
        { label: said('print.worksheet.lower'), answer: tetrachordMessage(answer.lower) },
        { label: said('print.worksheet.upper'), answer: tetrachordMessage(answer.upper) },
      ]
    case 'key':
      return [{ label: '=', answer: `${printedName(answer.tonic)}, ${fifthsMessage(answer.fifths)}` }]
    case 'chords':
      return answer.chords.map((chord, inversion) => ({
        label: said('print.worksheet.inversion', { inversion }),
        answer: chord.map(printedName).join('  '),
      }))
    case 'form':
      return [{ label: said('print.worksheet.form'), answer: said('print.worksheet.form-of', { form: answer.form }) }]
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

function wordsFor(leaf: ReturnType<typeof leafOf>): WorksheetWords {
  return {
    ...leaf.words,
    task: (section) => said('print.worksheet.task', { task: section.task, player: playerOf(section) }),
    short: (section) => said('print.worksheet.short', { task: section.task, player: playerOf(section) }),
    key: keyOf,
    written: writtenOn,
    step: (semitones) => said('print.worksheet.step', { semitones }),
    marks: said('print.worksheet.marks'),
    total: said('print.worksheet.total'),
  }
}

/**
 * A worksheet, its answers behind it or alone; its number stands in the title, so that it can be made again.
 * @throws DomainError where the instrument does not take a kind, or nothing can be asked of the kinds
 */
export function worksheetSheet(
  { worksheet, size }: Asked,
  faces: Faces,
): { title: string; pages: Page[]; told: Message[] } {
  const sections = questionsOf(worksheet)
  if (sections.length === 0) throw refuse('worksheet.none', {}, 'worksheet.tasks')
  const title = said('print.worksheet.title', { seed: worksheet.seed })
  const sheetOf = (answers: boolean): Page[] => {
    const told = answers ? said('print.worksheet.answers', { title }) : title
    const leaf = leafOf(size, told, [], answers ? '' : undefined)
    const sheet: Worksheet = { ...leaf, words: wordsFor(leaf), sections, answers }
    return worksheetPages(sheet, faces)
  }
  const { answers } = worksheet
  return {
    title,
    told: leftOut(worksheet.tasks, sections),
    pages: [...(answers === 'only' ? [] : sheetOf(false)), ...(answers === 'none' ? [] : sheetOf(true))],
  }
}
