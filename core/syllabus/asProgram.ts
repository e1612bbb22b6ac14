import { type Match, nearest } from './match'
import type { Atom } from './model'
import { type Program, ProgramBuilder } from './program'
import { gainOf, type Part, type Worth } from './worth'

/** The part as a program: which column decides for a form of a scope, and for a bundle of a choice. */
export interface PosedProgram {
  readonly program: Program
  readonly forms: ReadonlyMap<string, ReadonlyMap<string, number>>
  readonly taken: readonly (readonly number[])[]
}

/** Columns of the atoms' ways to be served, and rows for what each may be; a decision for each form and bundle. */
export function asProgram(atoms: readonly Atom[], part: Part, worth: Worth): PosedProgram {
  const kindOf = (atom: number, { variant }: Match): string => atoms[atom]!.variants[variant]!.kind
  const { stocks, limits, bundled } = part
  const builder = new ProgramBuilder()
  const servings = new Map<number, number[]>(part.atoms.map((atom) => [atom, []]))
  const inForm = new Map<string, { scope: string; kind: string; columns: number[] }>()
  for (const { units, matchesByAtom } of stocks) {
    const own: number[] = []
    for (const [atom, matches] of matchesByAtom) {
      const { scope } = atoms[atom]!
      const kinds = scope === null ? [null] : [...new Set(matches.map((match) => kindOf(atom, match)))]
      for (const kind of kinds) {
        const match = nearest(kind === null ? matches : matches.filter((each) => kindOf(atom, each) === kind))!
        const column = builder.column(gainOf(worth, match))
        own.push(column)
        servings.get(atom)!.push(column)
        if (scope === null || kind === null) continue
        const key = `${atom} ${kind}`
        const known = inForm.get(key) ?? { scope, kind, columns: [] }
        known.columns.push(column)
        inForm.set(key, known)
      }
    }
    builder.atMost(own, units.length)
  }
  const forms = new Map<string, Map<string, number>>()
  for (const { scope, kind, columns } of inForm.values()) {
    const own = forms.get(scope) ?? new Map<string, number>()
    forms.set(scope, own)
    if (!own.has(kind)) own.set(kind, builder.decision(0))
    builder.only(columns, own.get(kind)!)
  }
  for (const own of forms.values()) builder.atMost([...own.values()], 1)
  for (const { bundles, any } of limits)
    builder.atMost(
      bundles.flatMap(([atom]) => servings.get(atom!)!),
      any,
    )
  const taken = bundled.map(({ bundles, any }) => {
    const decisions = bundles.map((bundle) => {
      const decision = builder.decision(-worth.covered * bundle.length)
      for (const atom of bundle) builder.only(servings.get(atom)!, decision)
      return decision
    })
    builder.exactly(decisions, any)
    return decisions
  })
  for (const columns of servings.values()) builder.atMost(columns, 1)
  return { program: builder.build(), forms, taken }
}
