/** What a list asks, what a study falls short of, and what would mend it. */
export const syllabus = {
  'forms.minor': '{forms} minor',
  'asked.key': '{tonic} {forms}',
  'asked.seventh-of': 'Dominant seventh arpeggio of {tonic}',
  'asked.forms': '{forms}{ofKey, select, yes { of the key} other {}}',
  'asked.inversion':
    '{inversion, select, 0 {root position} 1 {first inversion} 2 {second inversion} other {third inversion}}',
  'asked.apart':
    'a {interval, select, third {third} sixth {sixth} other {tenth}} apart{hand, select, right {, right hand on the tonic} left {, left hand on the tonic} other {}}',
  'asked.either-hand': 'either hand',
  'asked.resolution': '{resolution, select, cadence {with a cadence} other {with the tonic chord}}',
  'asked.top-twice': 'top note twice',
  'asked.rolled': 'rolled',
  'asked.four-mallets': 'four mallets',
  'asked.memory': 'from memory',
  'asked.bass':
    '{part, select, alternating {alternating bass} waltz {waltz bass} scale {bass scale} chords {chords in the left} other {I IV V7 I in the left}}',
  'asked.bellows':
    '{bellows, select, octave {bellows turn every octave} top {bellows turn at the top} beats {bellows turn every {beats} beats} other {bellows as you like}}',
  'asked.rows': 'with the {rows}',
  'asked.row':
    '{row, select, counterbass {counterbass} fundamental {bass row} major {major chords} minor {minor chords} seventh {seventh chords} other {diminished chords}}',
  'asked.treble': '{treble, select, keys {on keys} other {on buttons}}',
  'asked.registers': 'register {registers}',
  touch: '{touch, select, legato {legato} other {staccato}}',
  'call.hands':
    '{hands, select, together {Hands together} right {Right hand} left {Left hand} either {Either hand} other {Contrary motion}}',
  'call.seventh-of': 'dominant seventh of {tonic}',
  call: '{said}.',
  'short.kind': '{asked} asked, this is {own}',
  'short.inversion':
    '{asked, select, 0 {root position} 1 {first inversion} 2 {second inversion} other {third inversion}} asked, this is {own, select, 0 {root position} 1 {first inversion} 2 {second inversion} other {third inversion}}',
  'short.octaves':
    '{own, plural, =1 {one octave} =2 {two octaves} =3 {three octaves} =4 {four octaves} other {# octaves}}, {asked} asked',
  'short.just-octaves':
    '{own, plural, =1 {one octave} =2 {two octaves} =3 {three octaves} =4 {four octaves} other {# octaves}}, just {asked} asked',
  'short.course':
    '{asked, select, up {up} down {down} up_down {up and down} other {down and up}} asked, this goes {own, select, up {up} down {down} up_down {up and down} other {down and up}}',
  'short.shape':
    '{asked, select, plain {the plain course} other {{asked}}} asked, this is {own, select, plain {the plain course} other {{own}}}',
  'short.resolution': '{resolution, select, cadence {a cadence} other {the tonic chord}} asked after it',
  'short.touch': '{asked} asked, this is {own, select, legato {legato} other {staccato}}',
  'short.tempo': '{own} of {least} notes a minute',
  'short.tempo-most': '{own} notes a minute, {most} at the most',
  'short.just-tempo': '{own} notes a minute, just {least} asked',
  'mend.tempo': '{how, select, raise {raise} other {lower}} to {bpm}',
  'mend.octaves': '{more, plural, =1 {add the octave} =2 {add 2 octaves} =3 {add 3 octaves} other {keep to {asked}}}',
  'mend.course': 'turn the course',
  'mend.top': 'strike the top {top, select, once {once} other {twice}}',
  'mend.resolution': 'add the ending',
  'mend.contrary-from': 'begin {from, select, octave {an octave apart} other {on one key}}',
  'mend.tonic-hand': 'change hands on the tonic',
  'mend.bellows':
    '{bellows, select, octave {turn the bellows every octave} top {turn the bellows at the top} other {turn the bellows every {beats} beats}}',
  'mend.registers': 'sound {registers}',
  'mend.add':
    'Add {field, select, kind {the other form} inversion {the position} hands {the hands asked} motion {the motion asked} interval {the distance asked} pattern {the pattern asked} articulation {the other touch} lead {the other lead} roll {the strokes asked} mallets {it for the mallets asked} bass {the bass asked} bassRows {it for the rows asked} treble {it for the keyboard asked} other {it}}',
  'choice.hands': 'either hand',
  'choice.hand': '{hand, select, right {right hand} left {left hand} other {hands together}}',
  'edition.changed': '{was}, now {now}',
  'edition.tempo': '{notes} notes a minute',
  'edition.any-touch': 'any touch',
  'edition.from': 'from {from, select, unison {one key} octave {an octave apart} other {either}}',
  'edition.tonic-hand': '{hand, select, right {right} left {left} other {either}} hand on the tonic',
  'edition.top': 'top {top, select, once {once} twice {twice} other {as you like}}',
  'edition.ending': 'ending: {resolution, select, cadence {cadence} tonic_chord {tonic chord} other {none}}',
  'edition.bellows':
    '{bellows, select, octave {bellows turn every octave} top {bellows turn at the top} beats {bellows turn every {beats} beats} other {bellows as you like}}',
  'edition.registers': '{registers, select, any {any register} other {register {registers}}}',
  'open.no-tempo': 'No tempo is named: 60 in quavers is taken.',
  'open.no-notes': 'No note value is named: quavers are taken.',
  'open.hand': 'Whose choice is the hand? The candidate’s is taken.',
  'open.touch': 'Who chooses the touch? The examiner, so both are prepared.',
  'open.form': 'Who chooses the form? The candidate is taken to.',
  'open.form-scope': 'One form for each key, or one for all? Each key by itself is taken.',
  'open.contrary-from': 'Contrary from one key, or an octave apart? Either counts.',
  'open.tonic-hand': 'Which hand has the tonic? Either counts.',
  'open.seventh': 'Dominant seventh of the key, or on the note? On the note is taken.',
  'open.starts': 'Every start counts by itself, as the examiner may name any.',
  'open.assumed.harmonic': 'Minor is taken as harmonic?',
  'open.assumed.major': 'No kind was named: major?',
  'open.assumed.dominant': 'No seventh was named: dominant?',
  'open.assumed.jazz': 'Melodic minor is taken as jazz melodic?',
  'error.includes.unknown': 'There is no grade “{grade}” to include.',
  'error.includes.circle': 'Grades include one another in a circle: {grades}.',
  'error.grade.unknown': '{list} has no grade “{grade}”. It has: {known}.',
  'error.keys.unknown': 'There is no entry “{entry}” to take keys from.',
  'error.keys.circle': 'Keys go round in a circle: {entries}.',
  'error.marks.range': '{criterion} takes 0 to {most} marks.',
  'error.marking.band': '“{band}” begins at {least}, but the whole is out of {total}.',
  'error.syllabus.twice':
    'The {what, select, grade {grade} group {group} entry {entry} other {criterion}} “{id}” is named twice.',
  'error.syllabus.size': '{grade} comes to {count} items, more than {most}.',
  'error.syllabus.choice':
    '“{name}” {why, select, mixed {leaves a choice already: its entries cannot leave another.} any {asks for any {asked}, but lists only {listed}.} pick {asks for any {asked} keys, but lists only {listed}.} ways {can be chosen in more than {asked} ways; part it into several groups.} other {is asked {asked} times, but lists only {listed}.}}',
  'error.entry.empty': '“{entry}” asks for nothing: it names no key that its kinds have.',
  'error.tempo.most': '{most} at the most is less than {bpm}.',
} as const
