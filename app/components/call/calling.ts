import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { type Completion, completionsOf, parseCall, writeCall } from '#core/call'
import { completeRecipe, DEFAULT_INSTRUMENT, playerSettingsOf, type RecipeInput } from '#core/instrument'
import { seeded } from '#core/random'
import type { Desk } from '~/stores/desk'

/** A recipe as a line; nothing where it cannot be completed. */
function lineOf(recipe: RecipeInput): string {
  try {
    return writeCall(completeRecipe(recipe))
  } catch {
    return ''
  }
}

/**
 * A line being typed: what it says, how it could go on, and the study on the desk in step with it, both ways. While it
 * is typed the study is only tried out; `take` decides for it.
 */
export function calling(desk: Desk, input: () => HTMLInputElement | undefined) {
  const line = ref(lineOf(desk.recipe))
  const began = line.value
  /** A key that the line draws stays the same while it is typed. */
  const seed = Math.trunc(Math.random() * 2 ** 31)
  /** What a line changes that names no key: the study as it was when the line began, or was changed beneath it. */
  const base = shallowRef<RecipeInput>(desk.recipe)
  const called = computed(() =>
    parseCall(line.value, { base: base.value, player: playerSettingsOf(base.value), random: seeded(seed) }),
  )
  const caret = ref(line.value.length)
  /** Completions are of the line's end, and offered only there. */
  const offered = computed<readonly Completion[]>(() =>
    caret.value === line.value.length && line.value !== began && !shut.value ? completionsOf(line.value) : [],
  )
  const shut = ref(false)
  /** The completion that the arrow keys have come to. */
  const at = ref(-1)
  const tried = shallowRef<RecipeInput>(desk.recipe)

  /** The one study that the line names, though there be words that say nothing. */
  const meant = computed(() => {
    const { studies, problems } = called.value
    return problems.length === 0 && studies.length === 1 ? studies[0]! : null
  })
  const single = computed(() => (called.value.complete ? meant.value : null))
  /** Words that say nothing, as they were typed. */
  const unknown = computed(() =>
    called.value.understood.filter(({ meaning, typed }) => !meaning && typed !== ';').map(({ typed }) => typed),
  )
  /** The instrument of the desk, where it is not the usual one and the line's studies are for it. */
  const deskInstrument = computed(() => {
    const own = base.value.instrument
    const [first] = called.value.studies
    return own && own !== DEFAULT_INSTRUMENT && first?.instrument === own ? own : null
  })

  watch(line, () => {
    at.value = -1
    if (!single.value || line.value === lineOf(desk.recipe)) return
    void desk.tryOut(single.value)
    tried.value = desk.recipe
  })
  // a control beneath the line was used: the line says so
  watch(
    () => desk.recipe,
    (recipe) => {
      if (recipe === tried.value) return
      tried.value = base.value = recipe
      line.value = lineOf(recipe)
    },
  )

  function typed(): void {
    shut.value = false
    caret.value = input()?.selectionStart ?? line.value.length
  }

  async function replace(from: number, to: number, text: string): Promise<void> {
    line.value = line.value.slice(0, from) + text + line.value.slice(to)
    await nextTick()
    const end = from + text.length
    input()?.focus()
    input()?.setSelectionRange(end, end)
    caret.value = end
  }
  const complete = (completion: Completion): Promise<void> =>
    replace(completion.from, line.value.length, `${completion.text} `)

  const move = (way: 1 | -1): void => {
    const places = offered.value.length + 1
    at.value = ((at.value + 1 + way + places) % places) - 1
  }

  /** Decides for the study that was called, whatever else was said. False where the line names none, or several. */
  function take(): boolean {
    if (!meant.value) return false
    if (line.value !== began || desk.held) void desk.replace(meant.value)
    return true
  }

  return { line, called, offered, at, shut, meant, unknown, deskInstrument, typed, replace, complete, move, take }
}
