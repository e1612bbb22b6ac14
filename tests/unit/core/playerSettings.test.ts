import { describe, expect, it } from 'vitest'
import { parseCall } from '#core/call'
import {
  completeRecipe,
  families,
  familyOf,
  narrowed,
  type PlayerSettings,
  playerSettingsOf,
  pupilPlayer,
  pupilWishes,
  type RecipeInput,
  studioPlayer,
  TAUGHT,
} from '#core/instrument'

const MAKES: readonly [string, PlayerSettings][] = [
  ['a piano with small hands', { instrument: 'piano', school: 'black-groups', handSize: 'small' } as PlayerSettings],
  [
    '26 keys and 48 basses',
    { instrument: 'accordion', accordion: { treble: 'keys-26', bass: 48, left: { school: 'three-two' } } },
  ],
  [
    'the B-system in three rows',
    { instrument: 'accordion', school: 'with-thumb', accordion: { treble: 'b-3', bass: 72, registers: ['16', '8'] } },
  ],
  ['narrow keys', { instrument: 'accordion', handSize: 'small', accordion: { treble: 'keys-34', keys: 'ladies' } }],
  ['a marimba, led left', { instrument: 'marimba-4.3', school: 'strict', lead: 'left' } as PlayerSettings],
  ['one clef', { instrument: 'marimba-5.0', clefs: 'own' }],
  ['four mallets counted from above', { instrument: 'vibraphone-3.5', mallets: { numbering: 'high-to-low' } }],
]
const LINES = [
  'A flat major',
  'F sharp minor in thirds',
  'B flat arpeggio',
  'pitches C5 E5 G5',
  'E major at 90',
  'chromatic from D',
]
const schoolOf = ({ school, ...rest }: PlayerSettings): PlayerSettings =>
  familyOf(rest).schools.some(({ id }) => id === school) ? { school, ...rest } : rest

describe('who plays what', () => {
  it.each(MAKES)('%s: what is called next is for it', (_, settings) => {
    const player = schoolOf(settings)
    const base = { material: { tonic: 'C', kind: 'major' }, ...player } as RecipeInput
    for (const line of LINES) {
      const { studies } = parseCall(line, { base, player: playerSettingsOf(base) })
      expect(studies.length, line).toBe(1)
      expect(playerSettingsOf(studies[0]!), line).toEqual(player)
    }
  })

  it.each(MAKES)('%s: of a whole recipe all of it is found again', (_, settings) => {
    const whole = completeRecipe({ material: { tonic: 'G', kind: 'major' }, ...schoolOf(settings) } as RecipeInput)
    const own = playerSettingsOf(whole)
    expect(completeRecipe({ ...own, material: whole.material } as RecipeInput)).toMatchObject(own)
    expect(narrowed(own, schoolOf(settings))).toEqual(own)
  })

  it('takes nothing over from another family', () => {
    for (const [, wider] of MAKES)
      for (const { id, instruments } of families()) {
        const own = { instrument: instruments[0]!.id } as PlayerSettings
        if (familyOf(wider).id !== id) expect(narrowed(wider, own)).toEqual(own)
      }
  })

  it('gives a smaller board rows of its own, and buttons a school of theirs', () => {
    const wider = playerSettingsOf(completeRecipe({ instrument: 'accordion', material: { tonic: 'C', kind: 'major' } }))
    expect(
      completeRecipe({ ...narrowed(wider, { accordion: { bass: 24 } }), material: { tonic: 'C', kind: 'major' } }),
    ).toMatchObject({ accordion: { bass: 24, rows: ['fundamental', 'major', 'minor'] } })
    expect(narrowed(wider, { accordion: { treble: 'c-5' } } as PlayerSettings).school).toBeUndefined()
  })

  it.each(TAUGHT.map(({ id }) => [id]))(
    'a studio of %s has it everywhere, a pupil of something else their own',
    (id) => {
      const own = TAUGHT.find((each) => each.id === id)!
      const here = { instrument: id, make: {} }
      expect(studioPlayer(here).instrument).toBe(own.instrument)
      expect(pupilPlayer(here, { instrument: id }).instrument).toBe(own.instrument)
      for (const other of TAUGHT) {
        expect(pupilPlayer(here, { instrument: other.id }).instrument, other.id).toBe(other.instrument)
      }
    },
  )

  it('lets a pupil narrow the studio, and leaves studies where nobody chose an instrument', () => {
    const here = { instrument: 'accordion', make: { accordion: { treble: 'c-5' as const, bass: 120 as const } } }
    const player = pupilPlayer(here, { instrument: 'accordion', settings: { accordion: { bass: 72 } } })
    expect(player).toEqual({ instrument: 'accordion', accordion: { treble: 'c-5', bass: 72 } })
    const mallets = { instrument: 'marimba', make: { school: 'strict' as const } }
    expect(pupilWishes(mallets, { instrument: 'marimba' })).toEqual({ school: 'strict' })
    expect(pupilWishes(mallets, { instrument: 'marimba', settings: { instrument: 'marimba-4.3' } }).instrument).toBe(
      'marimba-4.3',
    )
  })
})
