// Who may sign in: an owner for a studio, a new password.
import { keepingCommand } from './lib/keeping.mjs'

await keepingCommand('account')
