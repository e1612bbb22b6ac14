// A studio as one file of open files: out, and in.
import { keepingCommand } from './lib/keeping.mjs'

await keepingCommand('archive')
