import { parseArgs } from 'node:util'

/** What a command was asked to do. */
export interface Options {
  readonly action?: string
  readonly file: string
  readonly studio?: string | undefined
  readonly pupil?: string | undefined
  readonly replace: boolean
  readonly lang?: string | undefined
}

const USE = {
  archive: 'npm run --silent archive -- out FILE | in FILE [--studio NAME] [--pupil ID] [--data FOLDER]',
  backup: 'npm run --silent backup [-- --out FILE] [--data FOLDER]',
  restore: 'npm run --silent restore -- FILE [--replace] [--data FOLDER]',
} as const
type Command = keyof typeof USE

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i

/** @throws Error with how the command is called */
function fileOf(command: Command, positionals: readonly string[], out: string): Pick<Options, 'action' | 'file'> {
  const [first = '', second = ''] = positionals
  if (command === 'backup' && positionals.length === 0) return { file: out }
  if (command === 'restore' && positionals.length === 1) return { file: first }
  const isAction = first === 'in' || first === 'out'
  if (command === 'archive' && isAction && positionals.length === 2) return { action: first, file: second }
  throw new Error(`It is called as: ${USE[command]}`)
}

/** What the words of a command line ask for; null, and how the command is called, where they ask for nothing it knows. */
export function wanted(command: Command, args: readonly string[]): Options | null {
  try {
    const text = { type: 'string' } as const
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: { ...{ studio: text, pupil: text, out: text, data: text, lang: text }, replace: { type: 'boolean' } },
    })
    const { out = '', studio, pupil, lang, replace = false } = values
    if (pupil && !UUID.test(pupil)) throw new Error(`“${pupil.slice(0, 60)}” is not an id.`)
    const named = { studio, pupil: pupil?.toLowerCase(), lang }
    return { ...fileOf(command, positionals, out), ...named, replace }
  } catch (error) {
    process.stderr.write(`Tactum: ${(error as Error).message}\n`)
    return null
  }
}
