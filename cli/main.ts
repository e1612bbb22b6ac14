import { compareLine } from './compare'
import { grade } from './grade'
import { answerLines, answerWhole } from './lines'
import { planLine } from './plan'
import { realiseLine } from './realise'
import { record } from './record'
import { syllabus } from './syllabus'

const USE = `tactum: the core from a terminal
  npm run --silent realise < recipes.jsonl
  npm run --silent compare < pairs-of-recipes.jsonl
  npm run --silent plan < aim-and-record.json
  npm run --silent grade -- --syllabus FILE (--grade ID | --all) --set FILE [--policies FILE]
  npm run --silent export -- --format FORMAT --out FILE [--title WORDS] [--long-rolls]
    [--paper a4|letter] [--fingers all|crossings|none] [--large] < recipes-or-set
  npm run --silent export -- --format pdf --chart KIND --out FILE [--instrument ID] [--school ID] [--paper a4|letter]
  npm run --silent import -- FILE
  npm run --silent syllabus -- check FILE
  npm run --silent record -- read --set FILE < lines-of-what-was-played.txt
  npm run --silent syllabus -- read [--title WORDS] < printed-lines.txt
`

/** Runs a command and returns its exit status. */
export async function main(command: string | undefined, args: readonly string[]): Promise<number> {
  if (command === 'realise') return answerLines(process.stdin, process.stdout, realiseLine)
  if (command === 'compare') return answerLines(process.stdin, process.stdout, compareLine)
  if (command === 'plan') return answerWhole(process.stdin, process.stdout, planLine)
  if (command === 'export') return (await import('./music')).exportMusic(args, process.stdin, process.stdout)
  if (command === 'import') return (await import('./music')).importMusic(args, process.stdout)
  if (command === 'grade') return grade(args, process.stdout)
  if (command === 'record') return record(args, process.stdin, process.stdout)
  if (command === 'syllabus') return syllabus(args, process.stdin, process.stdout)
  process.stderr.write(USE)
  return 2
}
