import { grade } from './grade'
import { realiseLines } from './realise'

const USE = `tactum: the core from a terminal
  npm run --silent realise < recipes.jsonl
  npm run --silent grade -- --syllabus FILE --grade ID --set FILE
`

/** Runs a command and returns its exit status. */
export async function main(command: string | undefined, args: readonly string[]): Promise<number> {
  if (command === 'realise') return realiseLines(process.stdin, process.stdout)
  if (command === 'grade') return grade(args, process.stdout)
  process.stderr.write(USE)
  return 2
}
