import { useEventListener } from '@vueuse/core'

/** A shortcut: the key, what it does in words, and what it does. */
export interface Shortcut {
  /** As `KeyboardEvent.key` has it. */
  readonly key: string
  readonly words: string
  readonly does: () => void
  /** With Ctrl (or Command, but for Y, which is the browser's there); single keys can be switched off. */
  readonly ctrl?: true
  readonly shift?: true
}

/** Text is being typed, or a list of choices takes letters for itself. */
function takesKeys(target: EventTarget | null): boolean {
  if (!(target instanceof Element)) return false
  const field = target.closest('input, textarea, select, [contenteditable], [role=listbox], [role=menu], [role=dialog]')
  return field !== null && !(field instanceof HTMLInputElement && ['checkbox', 'radio', 'range'].includes(field.type))
}

/** Listens for shortcuts wherever no text is typed. */
export function useShortcuts(shortcuts: () => readonly Shortcut[], singleKeys: () => boolean): void {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.altKey || event.defaultPrevented || takesKeys(event.target)) return
    if (event.metaKey && event.key.toLowerCase() === 'y') return
    const ctrl = event.ctrlKey || event.metaKey
    if (!ctrl && !singleKeys()) return
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const found = shortcuts().find(
      (each) => each.key === key && Boolean(each.ctrl) === ctrl && (!ctrl || Boolean(each.shift) === event.shiftKey),
    )
    if (!found) return
    event.preventDefault()
    found.does()
  })
}
