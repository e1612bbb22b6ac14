import { parseArgs } from 'node:util'

/** What a command was asked to do. */
export interface Options {
  readonly action?: string
  readonly file: string
  readonly studio?: string | undefined
  readonly pupil?: string | undefined
  /** Who signs in. */
  readonly name?: string | undefined
  readonly replace: boolean
  readonly lang?: string | undefined
}

const USE = {
  archive: 'npm run --silent archive -- out FILE | in FILE [--studio NAME] [--pupil ID] [--data FOLDER]',
  backup: 'npm run --silent backup [-- --out FILE] [--data FOLDER]',
  restore: 'npm run --silent restore -- FILE [--replace] [--data FOLDER]',
  account:
    'npm run --silent account -- owner --studio NAME --name NAME --password-stdin | reset --name NAME [--data FOLDER]',
} as const
type Command = keyof typeof USE

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i

const MAX_NAME = 80
const isName = (text: string | undefined): boolean => {
  const name = text?.trim() ?? ''
  return name.length > 0 && name.length <= MAX_NAME && !/\p{Cc}/u.test(name)
}

/** What an account is asked for. @throws Error that names what is missing */
function accountOf(
  [action = '', ...rest]: readonly string[],
  { studio, name, typed }: { studio?: string | undefined; name?: string | undefined; typed: boolean },
): Pick<Options, 'action' | 'file'> {
  if (!['owner', 'reset'].includes(action) || rest.length > 0) throw new Error(`It is called as: ${USE.account}`)
  if (!isName(name)) throw new Error(`--name must be 1 to ${MAX_NAME} characters.`)
  if (action === 'owner' && !isName(studio)) throw new Error(`--studio must be 1 to ${MAX_NAME} characters.`)
  if (action === 'owner' && !typed) throw new Error('--password-stdin is missing: the password is read from there.')
  return { action, file: '' }
}

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
      options: {
        ...{ studio: text, pupil: text, name: text, out: text, data: text, lang: text },
        ...{ replace: { type: 'boolean' }, 'password-stdin': { type: 'boolean' } },
      },
    })
    const { out = '', studio, name, pupil, lang, replace = false, 'password-stdin': typed = false } = values
    if (pupil && !UUID.test(pupil)) throw new Error(`“${pupil.slice(0, 60)}” is not an id.`)
    const named = { studio, name, pupil: pupil?.toLowerCase(), lang }
    const asked =
      command === 'account' ? accountOf(positionals, { studio, name, typed }) : fileOf(command, positionals, out)
    return { ...asked, ...named, replace }
  } catch (error) {
    process.stderr.write(`Tactum: ${(error as Error).message}\n`)
    return null
  }
}
