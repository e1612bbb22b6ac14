/** Kinds by what is done with their bases, and on a tonic. */
export const material = {
  'spelling.double':
    '{note} and not {plain}: {of, select, chord {a chord is spelled in thirds} other {the scale has each letter once}}.',
  'neighbour.relative': '{key} has the same notes and begins on degree {degree}.',
  'neighbour.other':
    '{key}{by, select, fifth_up {, a fifth up} fourth_up {, a fourth up} parallel {, on the same tonic} other {}}: {changes}, {signs}.',
  'neighbour.degree': 'degree {degree} {way, select, raised {raised} other {lowered}} ({note})',
  'neighbour.signs':
    '{count, plural, =1 {one} =2 {two} =3 {three} other {#}} {of, select, flat {{count, plural, =1 {flat} other {flats}}} other {{count, plural, =1 {sharp} other {sharps}}}} {how, select, more {more} other {fewer}}',
  'neighbour.steps': 'Steps: {steps}',
  'neighbour.step': '{semitones, plural, =1 {H} =2 {W} =3 {WH} other {#}}',
  'treated.thirds': '{base} in double thirds',
  'treated.minor-thirds': '{base} in double minor thirds',
  'treated.sixths': '{base} in double sixths',
  'treated.octaves': '{base} in double octaves',
  'treated.triads': '{base} in diatonic triads',
  'treated.sevenths': '{base} in diatonic sevenths',
  'treated.broken': '{base} broken chord',
  'treated.cadence': '{mode, select, major {major cadence I IV I V7 I} other {minor cadence i iv i V7 i}}',
  'chord.broken':
    '{quality, select, dominant {dominant} diminished {diminished} half_diminished {half-diminished} augmented {augmented} minor {minor} other {major}}{seventh, select, yes { seventh} other {}}',
  'in-drawer.thirds': 'thirds, {base}',
  'in-drawer.minor-thirds': 'minor thirds, {base}',
  'in-drawer.sixths': 'sixths, {base}',
  'in-drawer.octaves': 'octaves, {base}',
  'in-drawer.triads': 'triads, {base}',
  'in-drawer.sevenths': 'sevenths, {base}',
  'in-drawer.broken': 'broken chord, {base}',
  'in-drawer.cadence': '{mode, select, major {major} other {minor}}',
  'quality.major': 'major',
  'quality.minor': 'minor',
  'quality.diminished': 'diminished',
  'quality.augmented': 'augmented',
  'quality.dominant': 'dominant',
  'quality.half-diminished': 'half-diminished',
  'kind.pitches': 'pattern',
  'form.natural': 'natural',
  'form.harmonic': 'harmonic',
  'form.melodic': 'melodic',
  'form.jazz': 'jazz melodic',
  'key.named':
    '{tonic} {kind}{inversion, plural, =0 {} =1 {, first inversion} =2 {, second inversion} =3 {, third inversion} other {}}',
} as const
