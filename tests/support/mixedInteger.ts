import highsLoader from 'highs'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import type { Policies, Syllabus } from '#core/syllabus'
import { choicesOf, usesOf, type Weight } from './weigh'

/** A general solver of mixed-integer programs, from the registry; for tests and the bench only. */
export const solver = await highsLoader()

/**
 * An assignment as a mixed-integer program in the LP format: which bundles are taken, which form a scope has, which
 * study serves which atom; least open, then most near, then least effort, by weights that cannot outweigh one another.
 */
export function programOf(list: Syllabus, studies: readonly RecipeInput[], policies: Policies) {
  const recipes = studies.map((study) => completeRecipe(study))
  const choices = choicesOf(list)
  const atoms = choices.flatMap(({ bundles }) => bundles.flat())
  const uses = atoms.map((atom) => usesOf(atom, recipes, policies))
  const worst = Math.max(0, ...uses.flat().map(({ match }) => match.effort))
  const near = 1 + atoms.length * worst
  const covered = 1 + atoms.length * near
  const objective: string[] = []
  const rows: string[] = []
  const binaries = new Set<string>()
  const name = (variable: string): string => (binaries.add(variable), variable)
  const byUse = new Map<string, string[]>()
  const byForm = new Map<string, Set<string>>()
  let at = 0
  choices.forEach(({ any, bundles }, place) => {
    const taken = bundles.map((bundle, which) => {
      const y = name(`y${place}_${which}`)
      objective.push(`+ ${covered * bundle.length} ${y}`)
      for (const atom of bundle) {
        const serving = uses[at]!.map(({ use, kind, match }, way) => {
          const x = name(`x${at}_${way}`)
          const whole = match.short.length === 0
          objective.push(whole ? `- ${covered} ${x}` : `- ${near - match.effort} ${x}`)
          byUse.set(use, [...(byUse.get(use) ?? []), x])
          if (atom.scope !== null) {
            const z = name(
              `z_${[...atom.scope].map((letter) => letter.charCodeAt(0).toString(36)).join('')}_${kind.replaceAll('-', '')}`,
            )
            byForm.set(atom.scope, (byForm.get(atom.scope) ?? new Set()).add(z))
            rows.push(`${x} - ${z} <= 0`)
          }
          return x
        })
        if (serving.length > 0) rows.push(`${serving.join(' + ')} - ${y} <= 0`)
        at += 1
      }
      return y
    })
    rows.push(`${taken.join(' + ')} = ${any}`)
  })
  for (const some of byUse.values()) rows.push(`${some.join(' + ')} <= 1`)
  for (const forms of byForm.values()) rows.push(`${[...forms].join(' + ')} <= 1`)
  const lines = [
    'Minimize',
    ` obj: ${objective.join(' ')}`,
    'Subject To',
    ...rows.map((row, nth) => ` c${nth}: ${row}`),
  ]
  const text = [...lines, 'Binary', ` ${[...binaries].join(' ')}`, 'End'].join('\n')
  const costOf = ({ open, near: nearly, effort }: Weight): number => covered * open - near * nearly + effort
  return { text, costOf }
}
