import { completeRecipe } from './complete'
import { familyOf, sameFamily, taughtOf } from './find'
import { overWhole } from './nested'
import type { Recipe, RecipeInput } from './recipe'

/**
 * Who plays what: the instrument, its make and layout, the schools, the lead, the size of the hands. A studio has one, a
 * pupil narrows it, a study narrows that; nothing else decides what instrument one is on.
 */
export type PlayerSettings = Partial<Omit<RecipeInput, 'material'>>

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

/** What stands at a path such as `accordion.left.school`. */
const at = (tree: unknown, [field, ...rest]: readonly string[]): unknown =>
  field === undefined ? tree : isTree(tree) ? at(tree[field], rest) : undefined

/** A tree with nothing but a value at a path. */
const planted = ([field, ...rest]: readonly string[], value: unknown): Tree => ({
  [field!]: rest.length > 0 ? planted(rest, value) : value,
})

function without(tree: Tree, [field, ...rest]: readonly string[]): Tree {
  const { [field!]: value, ...others } = tree
  if (value === undefined) return tree
  return rest.length > 0 && isTree(value) ? { ...others, [field!]: without(value, rest) } : others
}

/** What of a recipe is its player's and not the study's, as far as the recipe says it. */
export function playerSettingsOf(recipe: PlayerSettings): PlayerSettings {
  const { instrument } = recipe
  const own = ['clefs', ...familyOf(recipe).playerFields].flatMap((path) => {
    const value = at(recipe, path.split('.'))
    return value === undefined ? [] : [planted(path.split('.'), value)]
  })
  return own.reduce<PlayerSettings>((all, each) => overWhole(all, each), instrument ? { instrument } : {})
}

/** Without a school that the instrument has not: that of keys on buttons. */
function schooled<T extends PlayerSettings>(settings: T): T {
  const { school, ...rest } = settings
  if (school === undefined) return settings
  const { playerFields } = familyOf(settings)
  const own = { ...playerSettingsOf(rest as PlayerSettings), material: { tonic: 'C', kind: 'major' } } as RecipeInput
  const has = playerFields.includes('school') && familyOf(settings).schoolsFor(completeRecipe(own) as Recipe)
  return has && has.some(({ id }) => id === school) ? settings : (rest as T)
}

/** Without what followed from a setting that changes: another board has its own rows. */
export const freed = <T extends PlayerSettings>(wider: T, change: PlayerSettings): T =>
  familyOf(wider)
    .playerFollows.filter(([said]) => ![undefined, at(wider, said.split('.'))].includes(at(change, said.split('.'))))
    .reduce<Tree>((tree, [, path]) => without(tree, path.split('.')), wider as Tree) as T

/**
 * Settings, or a whole study, over wider settings: what it says stands, what it leaves open is the wider ones'. One for
 * another family of instruments takes nothing over.
 */
export function narrowed<T extends PlayerSettings>(wider: PlayerSettings, own: T): T {
  if (own.instrument && !sameFamily(wider, own)) return own
  const all = overWhole(freed(playerSettingsOf(wider), own), own) as T
  // what the study says itself is never dropped: that it does not go is for the core to say
  return own.school === undefined ? schooled(all) : all
}

/** What is taught in a studio: which instrument, as the register has it, and how it is made and played. */
export interface TaughtHere {
  /** Null where nobody said. */
  readonly instrument: string | null
  readonly make: PlayerSettings
}
/** A pupil as far as that says who plays what. */
export interface PlayingPupil {
  readonly instrument: string
  readonly settings?: PlayerSettings | undefined
}

const instrumentOfTaught = (id: string): PlayerSettings => ({ instrument: taughtOf(id).instrument }) as PlayerSettings

/** What a studio's studies are for, where no pupil says. */
export const studioPlayer = ({ instrument, make }: TaughtHere): PlayerSettings =>
  instrument ? { ...instrumentOfTaught(instrument), ...make } : make

/** What a pupil plays: as it is taught in the studio, as far as the pupil's own settings do not say otherwise. */
export function pupilPlayer(here: TaughtHere, { instrument, settings = {} }: PlayingPupil): PlayerSettings {
  // of what is taught here the make is the studio's; anything else is the register's usual one
  const own = here.instrument === instrument ? settings : { ...instrumentOfTaught(instrument), ...settings }
  return narrowed(studioPlayer(here), own)
}

/** The same without an instrument that nobody chose: what studies that there are should be like. */
export function pupilWishes(here: TaughtHere, pupil: PlayingPupil): PlayerSettings {
  const { instrument, ...rest } = pupilPlayer(here, pupil)
  const chosen = pupil.settings?.instrument ?? (here.instrument === pupil.instrument && here.make.instrument)
  return (chosen ? { instrument, ...rest } : rest) as PlayerSettings
}
