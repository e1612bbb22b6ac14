// A copy of the whole database.
import { keepingCommand } from './lib/keeping.mjs'

await keepingCommand('backup')
