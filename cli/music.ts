import { readFileSync, writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { type Bundle, FORMAT_IDS, type FormatId, formatOf, openFile, type Piece, studiesIn } from '#core/formats'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import type { PaperRequest } from '#shared/paper'
import { isSetFile, keptRecipeOf, paperWantedOf, parsedJson, recipeOf, setFileOf } from '#shared/schemas'
import { textOf } from '#shared/syllabusCsv'
import { answered } from './files'
import { refuse } from './messages'
import { formatError, formatted, type Terminal, writeLine } from './terminal'

async function readAll(input: NodeJS.ReadableStream): Promise<string> {
  const chunks: Buffer[] = []
  for await (const chunk of input) chunks.push(Buffer.from(chunk as Uint8Array))
  return Buffer.concat(chunks).toString('utf8')
}

/** The studies on standard input: recipes line by line, or a set. @throws DomainError naming the line and the field */
function recipesIn(text: string): { title: string | null; recipes: RecipeInput[] } {
  const lines = text.split(/\r?\n/).filter((line) => line.trim() !== '')
  const [first] = lines
  const whole = lines.length > 1 && !first!.trimEnd().endsWith('}') ? text : lines.length === 1 ? first! : null
  const value = whole === null ? null : parsedJson(whole)
  if (isSetFile(value)) {
    const { title, studies } = setFileOf(value)
    return { title: title ?? null, recipes: [...studies] }
  }
  if (value !== null) return { title: null, recipes: [recipeOf(value)] }
  return { title: null, recipes: lines.map((line, at) => atLine(at + 1, () => recipeOf(parsedJson(line)))) }
}

/** What is wrong on a line is reported with it. */
function atLine<T>(line: number, work: () => T): T {
  try {
    return work()
  } catch (error) {
    if (error instanceof DomainError) throw error.at(`line ${line}${error.path ? `: ${error.path}` : ''}`)
    throw error
  }
}

function bundleOf({ words }: Terminal, title: string | null, recipes: readonly RecipeInput[]): Bundle {
  if (recipes.length === 0) throw refuse('export.none', {}, 'input')
  const pieces = recipes.map((recipe, at): Piece => {
    const study = atLine(at + 1, () => realise(recipe, {}, 0))
    return { study, title: words.format(study.title) }
  })
  return { title: title ?? (pieces.length === 1 ? pieces[0]!.title : words.text('print.studies.title')), pieces }
}

const isFormat = (id: string | undefined): id is FormatId | 'pdf' =>
  id === 'pdf' || (FORMAT_IDS as readonly string[]).includes(id ?? '')

/** Studies on paper, or cards of them. Paper is loaded only by those who want it: the faces are large. */
async function pdfOf(
  terminal: Terminal,
  title: string,
  recipes: readonly RecipeInput[],
  options: Options,
): Promise<Uint8Array> {
  const { paper = 'a4', sheet = 'studies' } = options
  if (sheet !== 'studies' && sheet !== 'cards') throw refuse('option.among', { among: 'studies, cards' }, 'sheet')
  const wanted = paperWantedOf({ sheet, size: sized(paper), look: lookOf(options) })
  const studies = recipes.map((recipe) => ({ recipe }))
  const { size, look } = wanted
  return paperPdf(terminal, sheet === 'cards' ? { sheet, size, title, studies } : { sheet, size, title, studies, look })
}

const sized = (paper: string): string => {
  if (paper === 'a4' || paper === 'letter') return paper
  throw refuse('option.among', { among: 'a4, letter' }, 'paper')
}

/** What the options say of a sheet; a word that is none of a field's is refused by the schema, which names the field. */
function lookOf({ fingers, large, names, grips, stair, map, bars, hands, steps }: Options): object {
  const options = {
    fingers,
    large,
    names,
    grips,
    stair,
    map,
    hands,
    steps,
    bars: bars === undefined ? bars : Number(bars),
  }
  return Object.fromEntries(Object.entries(options).filter(([, value]) => value !== undefined))
}

async function paperPdf({ words }: Terminal, request: PaperRequest): Promise<Uint8Array> {
  const [{ paperPdf: write }, { FACE_FILES }] = await Promise.all([import('#shared/paper'), import('#paper/faces')])
  return write(request, FACE_FILES, words)
}

type Options = ReturnType<typeof optionsOf>
function optionsOf(args: readonly string[]) {
  try {
    const text = { type: 'string' } as const
    const flag = { type: 'boolean' } as const
    const options = {
      ...{ format: text, out: text, title: text, 'long-rolls': flag },
      ...{ paper: text, sheet: text, fingers: text, large: flag, names: text, grips: flag, stair: flag, map: flag },
      ...{ bars: text, hands: text, steps: flag },
      ...{ chart: text, worksheet: text, kinds: text, keys: text, level: text, each: text, seed: text, answers: text },
      ...{ instrument: text, school: text },
    } as const
    return parseArgs({ args: [...args], options }).values
  } catch (error) {
    throw refuse('option.unknown', { why: (error as Error).message }, '')
  }
}

function write(out: string, file: string | Uint8Array): void {
  try {
    writeFileSync(out, file)
  } catch (error) {
    throw refuse('file', { file: out, why: (error as Error).message }, 'out')
  }
}

const listedIn = (text: string): string[] => text.split(',').map((each) => each.trim())

/** What is asked for without studies: a chart of kinds, a worksheet of tasks. Nothing is read for it. */
function unreadSheet(options: Options): PaperRequest | null {
  const { chart, worksheet, paper = 'a4', instrument, school, kinds, keys, level, each, seed, answers } = options
  const settings = { ...(instrument && { instrument }), ...(school && { school }) }
  const size = sized(paper)
  if (chart !== undefined) {
    const wanted = paperWantedOf({ sheet: 'chart', size, chart: { kinds: listedIn(chart), settings } })
    return { sheet: 'chart', size: wanted.size, chart: wanted.chart! }
  }
  if (worksheet === undefined) return null
  const request = { tasks: listedIn(worksheet), kinds: listedIn(kinds ?? 'major'), settings, seed: seed ?? 1 }
  const more = {
    ...(keys && { keys: listedIn(keys) }),
    ...(level && { level: Number(level) }),
    ...(each && { each }),
    ...(answers && { answers }),
  }
  const wanted = paperWantedOf({ sheet: 'worksheet', size, worksheet: { ...request, ...more } })
  return { sheet: 'worksheet', size: wanted.size, worksheet: wanted.worksheet! }
}

/** Writes a sheet that is made without studies. */
async function sheetTo(terminal: Terminal, out: string, request: PaperRequest, format: string): Promise<object> {
  if (format !== 'pdf') throw refuse('option.among', { among: 'pdf' }, 'format')
  const file = await paperPdf(terminal, request)
  write(out, file)
  return { out, format, sheet: request.sheet, bytes: file.length }
}

/** Writes recipes, or a set, to a file of an open format, and prints what it wrote. Exit status 1 and an error object else. */
export const exportMusic = (args: readonly string[], terminal: Terminal): Promise<number> =>
  answered(terminal, async () => {
    const options = optionsOf(args)
    const { format: id, out, title, 'long-rolls': long = false } = options
    if (!isFormat(id)) throw refuse('option.format', { known: [...FORMAT_IDS, 'pdf'].join(', ') }, 'format')
    if (!out) throw refuse('option.missing', { option: 'out', wanted: 'file' }, 'out')
    const unread = unreadSheet(options)
    if (unread) return sheetTo(terminal, out, unread, id)
    const read = recipesIn(await readAll(terminal.input))
    const bundle = bundleOf(terminal, title ?? read.title, read.recipes)
    const file =
      id === 'pdf'
        ? await pdfOf(terminal, bundle.title, read.recipes, options)
        : formatOf(id).write(bundle, { strokes: !long })
    write(out, file)
    return { out, format: id, studies: bundle.pieces.length, bytes: Buffer.byteLength(file as string) }
  })

function bytesOf(file: string | undefined): Uint8Array {
  if (!file) throw refuse('option.missing', { option: 'FILE', wanted: 'file' }, 'file')
  try {
    return readFileSync(file)
  } catch (error) {
    throw refuse('file', { file, why: (error as Error).message }, 'file')
  }
}

/** The studies of a file of our own JSON; null where it is none. @throws DomainError naming the field */
function ownStudies(bytes: Uint8Array): { title: string; recipe: RecipeInput }[] | null {
  if (!/^\uFEFF?\s*[{[]/.test(new TextDecoder('utf-8').decode(bytes.slice(0, 200)))) return null
  const value = parsedJson(textOf(bytes).replace(/^\uFEFF/, ''))
  const { title = '', studies } = isSetFile(value) ? setFileOf(value) : { studies: [keptRecipeOf(value)] }
  return studies.map((recipe) => ({ title, recipe }))
}

/** Prints the recipes that a file of music, one a line, each with how it was known. 1 where it is refused */
export async function importMusic(args: readonly string[], terminal: Terminal): Promise<number> {
  const line = (value: object): Promise<void> => writeLine(terminal, value)
  try {
    const bytes = bytesOf(args[0])
    const own = ownStudies(bytes)
    for (const { title, recipe } of own ?? []) await line(formatted(terminal, { title, known: 'kept', recipe }))
    for (const piece of own ? [] : openFile(bytes)) {
      for (const { title, known, recipe, unplayable } of studiesIn(piece, keptRecipeOf))
        await line(formatted(terminal, { title, known, recipe, ...(unplayable && { unplayable }) }))
    }
    return 0
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    await line(formatError(terminal, error))
    return 1
  }
}
