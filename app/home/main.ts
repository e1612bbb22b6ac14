import './home.css'
import { data, lineOf } from './data'
import { doneToday, mark, send } from './marks'
import { keepOffline } from './offline'

/** The program of a pupil's own page: it hears lines, takes note of what was done, and sends it when it can. */

type Listen = typeof import('./listen')
let sound: Promise<Listen> | undefined
/** The line that sounds. */
let playing: string | null = null

const within = <E extends HTMLElement>(line: string, selector: string): E | null =>
  lineOf(line).querySelector<E>(selector)

const buttonOf = (line: string): HTMLButtonElement | null => within<HTMLButtonElement>(line, '[data-play]')
const sayAt = (line: string, place: 'hear' | 'done', text: string): void => {
  within(line, `.${place} .said`)!.textContent = text
}
const tempoOf = (line: string): number => {
  const field = within<HTMLInputElement>(line, '[data-tempo]')
  const value = Math.round(Number(field?.value))
  const own = data.lines.find(({ id }) => id === line)!.bpm
  return field && value >= Number(field.min) && value <= Number(field.max) ? value : own
}

async function stop(): Promise<void> {
  if (playing === null) return
  buttonOf(playing)!.textContent = data.words['home.play']
  playing = null
  await (await sound)?.stop()
}

async function play(line: string): Promise<void> {
  const before = playing
  await stop()
  if (before === line) return
  playing = line
  const button = buttonOf(line)!
  button.textContent = data.words['home.opening']
  sayAt(line, 'hear', '')
  try {
    const listen = await (sound ??= import('./listen'))
    const { study } = data.lines.find(({ id }) => id === line)!
    const wanted = {
      bpm: tempoOf(line),
      hands: (within<HTMLSelectElement>(line, '[data-hands]')?.value ?? 'both') as 'both' | 'right' | 'left',
      loop: within<HTMLSelectElement>(line, '[data-loop]')!.value as 'once' | 'all' | 'crossings',
      clicks: within<HTMLInputElement>(line, '[data-clicks]')!.checked,
    }
    await listen.play(study, wanted, () => {
      if (playing === line) void stop()
    })
    // it was stopped while it was being tuned
    if (playing === line) button.textContent = data.words['home.stop']
    else await listen.stop()
  } catch {
    sound = undefined
    playing = null
    button.textContent = data.words['home.play']
    sayAt(line, 'hear', data.words['home.no-sound'])
  }
}

function showDone(line: string, outcome: string): void {
  lineOf(line).classList.add('finished')
  sayAt(line, 'done', data.outcomes[outcome]!)
  for (const button of lineOf(line).querySelectorAll<HTMLButtonElement>('[data-outcome]'))
    button.setAttribute('aria-pressed', String(button.dataset.outcome === outcome))
}

for (const { id, notesPerBeat } of data.lines) {
  // what is asked from memory is not heard
  buttonOf(id)?.addEventListener('click', () => void play(id))
  for (const button of lineOf(id).querySelectorAll<HTMLButtonElement>('[data-outcome]'))
    button.addEventListener('click', () => {
      const outcome = button.dataset.outcome!
      showDone(id, outcome)
      mark(id, outcome, Math.max(1, Math.round(tempoOf(id) * notesPerBeat)))
    })
}
for (const [line, outcome] of doneToday()) if (data.lines.some(({ id }) => id === line)) showDone(line, outcome)
document.getElementById('fingers')?.addEventListener('change', (event) => {
  document.body.classList.toggle('no-fingers', !(event.target as HTMLInputElement).checked)
})
for (const live of document.querySelectorAll<HTMLElement>('.live')) live.hidden = false
addEventListener('online', () => void send())
document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && void send())
void send()
if (isSecureContext) void keepOffline()
else document.getElementById('unsafe')?.removeAttribute('hidden')
