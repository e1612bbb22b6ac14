import { familyOf, instrumentMessage } from '../instrument'
import { doubleSignMessages, materialOf } from '../material'
import { type Message, named } from '../message'
import { parseNote, pitchClass } from '../pitch'
import { isFree } from '../study'
import { groupPlaceOf } from '../surface'
import type { RealisedStudy } from './study'

/** What is said of a study's notes: how its first key is found, and why one has a double sharp or flat. */
export function notesMessages({ recipe }: RealisedStudy): Message[] {
  const { material } = recipe
  if (isFree(material)) return []
  const on = familyOf(recipe).groupsOf(recipe)
  const place = groupPlaceOf(pitchClass(parseNote(material.tonic)))
  const find = on ? [instrumentMessage('find.key', { note: named(material.tonic), place, on })] : []
  return [...find, ...doubleSignMessages(materialOf(material))]
}
