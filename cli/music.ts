import { readFileSync, writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { type Bundle, FORMAT_IDS, type FormatId, formatOf, openFile, type Piece, studiesIn } from '#core/formats'
import { RecipeError } from '#core/message'
import { realise } from '#core/realise'
import type { RecipeInput } from '#core/instrument'
import { inEnglish } from '#shared/reader'
import { chartAskedOf, isSetFile, parsedJson, recipeOf, setFileOf } from '#shared/schemas'
import { answered } from './files'
import { refuse } from './messages'
import { refused, said } from './said'

async function readAll(input: NodeJS.ReadableStream): Promise<string> {
  const chunks: Buffer[] = []
  for await (const chunk of input) chunks.push(Buffer.from(chunk as Uint8Array))
  return Buffer.concat(chunks).toString('utf8')
}

/** The studies on standard input: recipes line by line, or a set. @throws RecipeError naming the line and the field */
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

/** What is wrong on a line is told with it. */
function atLine<T>(line: number, work: () => T): T {
  try {
    return work()
  } catch (error) {
    if (error instanceof RecipeError) throw error.at(`line ${line}${error.path ? `: ${error.path}` : ''}`)
    throw error
  }
}

function bundleOf(title: string | null, recipes: readonly RecipeInput[]): Bundle {
  if (recipes.length === 0) throw refuse('export.none', {}, 'input')
  const pieces = recipes.map((recipe, at): Piece => {
    const study = atLine(at + 1, () => realise(recipe, {}, 0))
    return { study, title: inEnglish(study.title) }
  })
  return { title: title ?? (pieces.length === 1 ? pieces[0]!.title : 'Studies'), pieces }
}

const isFormat = (id: string | undefined): id is FormatId | 'pdf' =>
  id === 'pdf' || (FORMAT_IDS as readonly string[]).includes(id ?? '')

/** Paper is loaded only by those who want it: the faces are large. */
async function pdfOf(bundle: Bundle, { paper = 'a4', fingers = 'all', large = false }: Options): Promise<Uint8Array> {
  if (paper !== 'a4' && paper !== 'letter') throw refuse('option.among', { among: 'a4, letter' }, 'paper')
  if (fingers !== 'all' && fingers !== 'crossings' && fingers !== 'none')
    throw refuse('option.among', { among: 'all, crossings, none' }, 'fingers')
  const [{ writeSheet }, { FACE_FILES }] = await Promise.all([import('#shared/sheet'), import('#paper/faces')])
  return writeSheet(bundle, { paper, fingers, large }, FACE_FILES)
}

type Options = ReturnType<typeof optionsOf>
function optionsOf(args: readonly string[]) {
  try {
    const text = { type: 'string' } as const
    const flag = { type: 'boolean' } as const
    const options = {
      ...{ format: text, out: text, title: text, 'long-rolls': flag },
      ...{ paper: text, fingers: text, large: flag },
      ...{ chart: text, instrument: text, school: text },
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

/** A chart of a kind in all keys: nothing is read for it. */
async function chartTo(out: string, { chart, format, paper = 'a4', instrument, school }: Options): Promise<object> {
  if (format !== 'pdf') throw refuse('option.among', { among: 'pdf' }, 'format')
  if (paper !== 'a4' && paper !== 'letter') throw refuse('option.among', { among: 'a4, letter' }, 'paper')
  const asked = chartAskedOf({ kind: chart, ...(instrument && { instrument }), ...(school && { school }) })
  const [{ writeChart }, { FACE_FILES }] = await Promise.all([import('#shared/sheet'), import('#paper/faces')])
  const file = await writeChart(asked, paper, FACE_FILES)
  write(out, file)
  return { out, format, kind: asked.kind, bytes: file.length }
}

/** Writes recipes, or a set, to a file of an open format, and prints what it wrote. Exit status 1 and an error object else. */
export const exportMusic = (
  args: readonly string[],
  input: NodeJS.ReadableStream,
  output: NodeJS.WritableStream,
): Promise<number> =>
  answered(output, async () => {
    const options = optionsOf(args)
    const { format: id, out, title, 'long-rolls': long = false } = options
    if (!isFormat(id)) throw refuse('option.format', { known: [...FORMAT_IDS, 'pdf'].join(', ') }, 'format')
    if (!out) throw refuse('option.missing', { option: 'out', wanted: 'file' }, 'out')
    if (options.chart !== undefined) return chartTo(out, options)
    const read = recipesIn(await readAll(input))
    const bundle = bundleOf(title ?? read.title, read.recipes)
    const file = id === 'pdf' ? await pdfOf(bundle, options) : formatOf(id).write(bundle, { strokes: !long })
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

/** Prints the recipes that a file of music comes to, one a line, each with how it was known. 1 where it is refused */
export async function importMusic(args: readonly string[], output: NodeJS.WritableStream): Promise<number> {
  const line = (value: object): boolean => output.write(`${JSON.stringify(value)}\n`)
  try {
    for (const piece of openFile(bytesOf(args[0]))) {
      for (const { title, known, recipe } of studiesIn(piece, recipeOf)) line(said({ title, known, recipe }))
    }
    return 0
  } catch (error) {
    if (!(error instanceof RecipeError)) throw error
    line(refused(error))
    return 1
  }
}
