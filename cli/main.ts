import { call } from './call'
import { compareLine } from './compare'
import { isLanguage, LANGUAGE_TAGS, wordingFor } from '#shared/languages'
import { guarded } from './files'
import { grade } from './grade'
import { answerLines } from './lines'
import { refuse } from './messages'
import { plan } from './plan'
import { realiseLine } from './realise'
import { record } from './record'
import { syllabus } from './syllabus'
import type { Terminal } from './terminal'

const USE = `tactum: the core from a terminal (every command takes --lang TAG)
  npm run --silent realise < recipes.jsonl
  npm run --silent compare < pairs-of-recipes.jsonl
  npm run --silent plan < aim-and-record.json
  npm run --silent plan -- --lines < aims-and-records.jsonl
  npm run --silent grade -- --syllabus FILE (--grade ID | --all) --set FILE [--policies FILE]
  npm run --silent export -- --format FORMAT --out FILE [--title WORDS] [--long-rolls]
    [--paper a4|letter] [--fingers all|crossings|none] [--large] < recipes-or-set
  npm run --silent export -- --format pdf --chart KIND --out FILE [--instrument ID] [--school ID] [--paper a4|letter]
  npm run --silent import -- FILE
  npm run --silent call [-- --over RECIPE.json] < called-lines.txt
  npm run --silent syllabus -- check FILE
  npm run --silent record -- read --set FILE < lines-of-what-was-played.txt
  npm run --silent syllabus -- read [--title WORDS] < printed-lines.txt
  npm run --silent words -- list | out TAG [FILE] | in TAG [FILE]
`

/** The language that is asked for (`--lang TAG`, anywhere among the options), and what is left. */
function languageIn(args: readonly string[]): { tag: string | undefined; rest: string[] } {
  const at = args.findIndex((each) => each === '--lang' || each.startsWith('--lang='))
  if (at < 0) return { tag: undefined, rest: [...args] }
  const joined = args[at]!.includes('=')
  const tag = joined ? args[at]!.slice('--lang='.length) : args[at + 1]
  return { tag: tag ?? '', rest: args.toSpliced(at, joined ? 1 : 2) }
}

const COMMANDS: Readonly<Record<string, (args: readonly string[], terminal: Terminal) => Promise<number>>> = {
  realise: (_, terminal) => answerLines(terminal, realiseLine),
  compare: (_, terminal) => answerLines(terminal, compareLine),
  plan,
  export: async (args, terminal) => (await import('./music')).exportMusic(args, terminal),
  import: async (args, terminal) => (await import('./music')).importMusic(args, terminal),
  call,
  grade,
  record,
  syllabus,
  words: async (args, terminal) => (await import('./words')).words(args, terminal),
}

/** Where a command reads, writes and says how it is called. */
interface Streams {
  readonly stdin: NodeJS.ReadableStream
  readonly stdout: NodeJS.WritableStream
  readonly stderr: NodeJS.WritableStream
}

/** Runs a command and returns its exit status. */
export async function main(
  command: string | undefined,
  args: readonly string[],
  { stdin, stdout, stderr }: Streams = process,
): Promise<number> {
  const { tag, rest } = languageIn(args)
  const terminal = { input: stdin, output: stdout, words: wordingFor(tag) }
  const run = COMMANDS[command ?? '']
  if (!run) {
    stderr.write(USE)
    return 2
  }
  return guarded(terminal, () => {
    if (tag !== undefined && !isLanguage(tag)) throw refuse('option.among', { among: LANGUAGE_TAGS.join(', ') }, 'lang')
  }).then((refused) => (refused === 0 ? run(rest, terminal) : refused))
}
