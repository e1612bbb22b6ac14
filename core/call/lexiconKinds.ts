import { BASE_IDS, BASES } from '../material'
import type { Features, Meaning } from './part'
import { fixed, type Rule, rules } from './rules'

const feature = (features: Features): Meaning => ({ part: { is: 'feature', features } })
const says = (phrases: readonly string[], features: Features): Rule[] => fixed(phrases, feature(features))

const QUALITIES: Rule[] = [
  ...says(['major|majors|maj|mayor|mayores|dur|majeur|maggiore'], { quality: 'major' }),
  ...says(['minor|minors|min|menor|menores|moll|mineur|minore'], { quality: 'minor' }),
  ...says(['diminished|dim|disminuido|disminuida|vermindert'], { quality: 'diminished' }),
  ...says(['augmented|aug|aumentado|aumentada|ubermassig'], { quality: 'augmented' }),
  ...says(['dominant|dom|dominante'], { quality: 'dominant' }),
  ...says(['half diminished|dim', 'semidisminuido'], { quality: 'half-diminished' }),
]

const FORMS: Rule[] = [
  ...says(['natural|nat'], { form: 'natural', quality: 'minor' }),
  ...says(['harmonic|harm|armonica|armonico|harmonisch'], { form: 'harmonic', quality: 'minor' }),
  ...says(['melodic|mel|melodica|melodico|melodisch'], { form: 'melodic', quality: 'minor' }),
  ...says(['jazz melodic|mel', 'melodic jazz', 'jazz'], { form: 'jazz', quality: 'minor' }),
]

const SHAPES: Rule[] = [
  ...says(['scale|scales|escala|escalas|tonleiter'], { shape: 'scale' }),
  ...says(['arpeggio|arpeggios|arp|arps|arpegio|arpegios|arpeggien', 'tonic? triad|triads'], { shape: 'arpeggio' }),
  ...says(['broken chord|chords'], { shape: 'broken-chord' }),
  ...says(['seventh|sevenths|7th|septima|sept', 'seventh|7th chord|arpeggio|arp'], { shape: 'seventh' }),
  ...rules(['<n> chord|arpeggio|arp?'], ({ numbers: [n] }) => (n === 7 ? feature({ shape: 'seventh' }) : null)),
  ...says(
    [
      'five finger|fingers|note|notes scale|scales|position|positions|pattern|patterns|exercise|exercises?',
      'pentascale|pentachord',
      'cinco dedos',
    ],
    {
      shape: 'five-finger',
    },
  ),
  ...says(['in? tetrachords|tetrachord|tetracordios'], { shape: 'tetrachords' }),
  ...says(['cadence|cadences i? iv? i? v? 7? i?', 'cadence|cadences|cadencia|kadenz'], { shape: 'cadence' }),
  ...says(
    [
      'scale|scales? in? double thirds',
      'double stops? in? thirds',
      'thirds in|as double stops',
      'double thirds scale|scales',
      'terceras dobles',
      'doppelterzen',
    ],
    {
      shape: 'double-thirds',
    },
  ),
  ...says(
    [
      'scale|scales? in? double sixths',
      'double stops? in? sixths',
      'sixths in|as double stops',
      'double sixths scale|scales',
      'sextas dobles',
      'doppelsexten',
    ],
    {
      shape: 'double-sixths',
    },
  ),
  ...says(
    [
      'scale|scales? in? double octaves',
      'double stops? in? octaves',
      'octaves in|as double stops',
      'octavas dobles',
      'scale|scales? in octaves',
    ],
    {
      shape: 'double-octaves',
    },
  ),
  ...says(['scale|scales? in? double minor thirds', 'in minor thirds'], { shape: 'double-minor-thirds' }),
  ...says(['minor thirds chromatic', 'chromatic minor thirds'], { shape: 'double-minor-thirds', named: 'chromatic' }),
  ...says(['in? diatonic triads'], { shape: 'diatonic-triads' }),
  ...says(['in? diatonic sevenths|7ths'], { shape: 'diatonic-sevenths' }),
]

/** Bases that have words of their own, as the register has them; “pentatonic” is of two. */
const NAMED: Rule[] = [
  ...BASE_IDS.flatMap((named) => {
    const { phrases } = BASES[named]
    return phrases === 'by-grammar' ? [] : says(Object.values(phrases).flat(), { named })
  }),
  ...says(['pentatonic|pent|pentatonica'], { named: 'pentatonic' }),
]

/** Everything that says which kind is meant. */
export const KIND_RULES: readonly Rule[] = [...QUALITIES, ...FORMS, ...SHAPES, ...NAMED]
