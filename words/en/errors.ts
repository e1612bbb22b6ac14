/** What is wrong with a request, by field. */
export const errors = {
  'error.format.unknown': 'This is no file of music that is read here: MusicXML (plain or packed) and MIDI are.',
  'error.format.size': 'The file is too large: {most} MB at the most, unpacked as well.',
  'error.format.broken': 'The {format} in this file is broken, or is something else.',
  'error.format.entities': 'The file defines names of its own for text. Such files are not read.',
  'error.format.packed': 'There is no music in this packed file, or it is broken.',
  'error.format.pieces': 'There are more than {most} pieces in this file. Split it, and import the parts.',
  'error.format.notes': 'There are more than {most, number} notes. That is no study.',
  'error.format.empty': 'There are no notes in this file.',
  'error.format.pitch': 'A pitch in measure {measure} is none.',
  'error.note.unknown': '“{text}” is not a note name. Write a letter from A to G, then # or b: C, F#, Bb.',
  'error.pitch.unknown':
    '{why, select, triple {{text} has a triple sign, which is not written.} other {“{text}” is not a pitch such as F#4.}}',
  'error.kind.unknown': '“{text}” is not a kind of study here. Known: {known}.',
  'error.inversion': 'A {kind} has {most, plural, =0 {no inversions} other {inversions 0 to #}}.',
  'error.tonic.unknown': '“{text}” is not a tonic. Write a letter from A to G, then # or b: C, F#, Bb.',
  'error.tonic.unusual':
    '{key} would need triple sharps or flats, which are not written.{twin, select, none {} other { Write {twin} instead: the same keys.}}',
  'error.field.range':
    '{field} must {of, select, whole {be a whole number from {least} to {most}} pitches {list {least} to {most} pitches such as F#4} chord {hold one to five pitches: a hand has five fingers} keys {list {least} to {most} keys} fingers {list {least} to {most} fingers} other {list {least} to {most} sticks, R or L}}.',
  'error.field.unknown':
    '{field} {of, select, choice {must be one of: {among}} parts {must hold {among}} stray {is not known} list {must be a list} pin {must say hand, index and finger} key {must name a tonic, or a tonic and a kind} other {must say index and stick}}.',
  'error.field.missing': '{field} is missing: name a tonic and a kind.',
  'error.motif.items': '{field} must list {least} to {most} degrees, such as 1 4 2 3.',
  'error.motif.degree':
    '{field} is no degree: degrees are whole numbers from {least} to {most}. 1 is the note that moves, 8 its octave, 0 the note under it. What is not in the scale cannot move through it.',
  'error.motif.chord': '{field} must hold one to {most} different degrees: a hand has five fingers.',
  'error.motif.beats': '{field} must be a length from {least} to {most} beats.',
  'error.motif.silent': '{field} is nothing but rests. Give it a degree.',
  'error.motif.pace':
    'At {perBeat, plural, one {# note} other {# notes}} to the beat no note lasts {beats} beats. Take another length, or more notes to the beat.',
  'error.bookends.chords': '{field} must list one to {most} chords by their degrees, such as I, IV, V7.',
  'error.rhythm.beat':
    '{why, select, threes {Notes in threes have no pairs: long-short, short-long and swing need 1, 2, 4 or 8 notes to the beat.} other {Thirty-seconds in long-short pairs would need sixty-fourths, which are not written here.}}',
  'error.range': 'The study goes {leaves} {instrument}.{mend, select, none {} other { {mend}}}',
  'error.pattern.material': '{why}',
  'error.pattern.length':
    'This comes to more than {most} notes a hand. {by, select, keys {The keys make it so long: take fewer of them, or fewer octaves.} ladder {The ladder makes it so long: take one pace, or fewer octaves.} motif {The motif makes it so long: take a shorter one, or fewer octaves.} walk {The loops make it so long: take fewer octaves.} figure {The figure makes it so long: take fewer octaves.} other {Take fewer octaves.}}',
  'error.school.material': 'The school of tetrachords shares a seven-note scale between the hands, in similar motion.',
  'error.motion.material': 'A {kind} has no contrary motion.',
  'error.interval.motion': 'Hands in contrary motion begin on the same note: interval must be octave.',
  'error.interval.material':
    'Hands a {interval, select, third {third} sixth {sixth} other {tenth}} apart need a seven-note scale, a chromatic scale or a chord of three or four notes, in single notes.',
} as const
