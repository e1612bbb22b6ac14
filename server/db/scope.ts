/**
 * In whose name a transaction asks. The walls between studios, teachers and pupils are the database's own (migration
 * 012): it shows and takes only what is whoever's it is told here.
 */
export type Scope =
  /** All that is on one's own machine, where nobody signs in: its studios, the demo. */
  | { readonly who: 'machine' }
  /** Who may come in, and nothing else. */
  | { readonly who: 'door' }
  /** One whole studio. */
  | { readonly who: 'office'; readonly studio: number }
  | { readonly who: 'teacher'; readonly studio: number; readonly teacher: string }
  | { readonly who: 'pupil'; readonly studio: number; readonly pupil: string }

/** Ids are as the database gave them, but what stands in a statement is looked at. */
function literal(value: string | number): string {
  const text = String(value)
  if (!/^[\w-]*$/.test(text)) throw new Error(`“${text}” names nobody.`)
  return `'${text}'`
}

/** The statements that a transaction begins with. All is said each time, so that nothing is left of another's. */
export function settingsOf(scope: Scope): string {
  const {
    who,
    studio = '',
    teacher = '',
    pupil = '',
  }: { who: string; studio?: number | ''; teacher?: string; pupil?: string } = scope
  return Object.entries({ who, studio, teacher, pupil })
    .map(([name, value]) => `set local tactum.${name} = ${literal(value)}`)
    .join(';')
}
