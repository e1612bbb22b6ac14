/** Who plays, on what, and what a study falls short of. */
export const instrument = {
  'hands.together': 'hands together',
  'hands.contrary': 'contrary motion',
  'hands.one': '{hand, select, right {right hand} other {left hand}}',
  make: '{make, select, piano {piano} accordion {accordion} marimba {marimba} vibraphone {vibraphone} xylophone {xylophone} glockenspiel {glockenspiel} other {{make}}}',
  compass:
    '{make, select, piano {the 88 keys of the piano} other {the {make, select, marimba {marimba} vibraphone {vibraphone} xylophone {xylophone} glockenspiel {glockenspiel} other {{make}}} of {size} octaves}}',
  'compass.keys': 'the {keys} keys of the accordion',
  'compass.buttons': 'the {system}-system of {rows} rows',
  'reeds.by':
    'accordion, {hands, select, right {right hand} left {left hand, {part, select, alternating {alternating bass} waltz {waltz bass} scale {bass scale} chords {chords} held_bass {the root held} free {free bass} other {cadence}}} other {{part, select, alternating {right hand over alternating bass} waltz {right hand over waltz bass} scale {hands together, scale on the bass} chords {right hand over chords} held_bass {right hand over the held root} free {hands together, free bass} other {right hand over a cadence}}}}',
  'reeds.slow': 'slow bass',
  'reeds.bellows':
    '{turn, select, octave {bellows turn every octave} top {bellows turn at the top} beats {bellows turn every {beats} beats} shake {bellows shake} other {bellows free}}{first, select, closing {, closing first} other {}}',
  'reeds.registers': 'registers {registers}',
  'reeds.against':
    '{count, plural, =1 {Note against stroke: one of the right hand to each of the left.} other {# notes of the right hand to each stroke of the left.}}',
  'reeds.pair': '{right} with {left} {on, select, chord {on the chord} other {on the bass}}',
  'reeds.pairs':
    '{count, plural, =1 {One pair of fingers falls together} other {# pairs of fingers fall together}}{more, select, yes {, first} other {}}: {pairs}.',
  'reeds.thirds': 'Third fingers meet on {notes}.',
  'said.pin-button': '{button} for note {note}, {hand}',
  'buttons.no-chords':
    '{most, plural, =1 {With the left hand a motif has single notes} other {A motif on an accordion strikes two notes at once at the most}}: play the right hand alone for pairs.',
  'buttons.no-thumbs': '“{asked}” is for keys: on buttons the fingers keep their rows and no thumb crosses.',
  'watch.left-alone': 'till it runs by itself, the eyes elsewhere',
  'watch.leap': 'a leap: find {note} without looking',
  'watch.against': 'one note to each stroke, both at once',
  'watch.bellows': '{direction, select, closing {close} other {open}} on {note}: the same loudness, no bump',
  'short.motion':
    '{asked, select, contrary {contrary} other {similar}} motion asked, this is {own, select, contrary {contrary} other {similar}}',
  'short.contrary-from':
    'from {asked, select, octave {an octave apart} third {a third apart} sixth {a sixth apart} tenth {a tenth apart} other {one key}} asked, this begins {own, select, octave {an octave apart} third {a third apart} sixth {a sixth apart} tenth {a tenth apart} other {on one key}}',
  'short.interval':
    'hands {asked, select, octave {an octave} third {a third} sixth {a sixth} other {a tenth}} apart asked, these lie {own, select, octave {an octave} third {a third} sixth {a sixth} other {a tenth}} apart',
  'short.tonic-hand':
    '{asked, select, right {right} other {left}} hand on the tonic asked, this has the {own, select, right {right} other {left}}',
  'short.hands':
    '{asked, select, together {hands together} right {the right hand} other {the left hand}} asked, this is {own, select, together {hands together} right {the right hand} other {the left hand}}',
  'short.mallets': '{asked, select, 4 {four} other {two}} mallets asked, this is for {own}',
  'short.lead':
    '{asked, select, right {right} other {left}} lead asked, this has the {own, select, right {right} other {left}}',
  'short.rolled': '{asked, select, rolled {rolled notes asked} other {single strokes asked, this is rolled}}',
  'short.rudiment':
    '{asked, select, none {plain strokes} paradiddle {paradiddles} double_paradiddle {double paradiddles} paradiddle_diddle {paradiddle-diddles} other {inverted paradiddles}} asked, this has {own, select, none {plain strokes} paradiddle {paradiddles} double_paradiddle {double paradiddles} paradiddle_diddle {paradiddle-diddles} other {inverted paradiddles}}',
  'short.figure': 'mallets {asked} asked, this has {own}',
  'short.alternating': 'hand to hand asked, this has doubles',
  'short.make':
    '{asked, select, marimba {a marimba} vibraphone {a vibraphone} xylophone {a xylophone} other {a glockenspiel}} asked, this is for {own, select, marimba {a marimba} vibraphone {a vibraphone} xylophone {a xylophone} other {a glockenspiel}}',
  'short.top':
    'top note {asked, select, once {once} other {twice}} asked, this strikes it {own, select, once {once} other {twice}}',
  'bass-row':
    '{row, select, counterbass {counterbass} fundamental {bass row} major {row of major chords} minor {row of minor chords} seventh {row of seventh chords} other {row of diminished chords}}',
  'short.bass':
    '{asked, select, alternating {alternating bass} waltz {waltz bass} scale {the bass scale} chords {chords} cadence {a cadence} held_bass {the root held} other {no bass}} asked, this has {own, select, alternating {alternating bass} waltz {waltz bass} scale {the bass scale} chords {chords} cadence {a cadence} held_bass {the root held} other {no bass}}',
  'short.bellows':
    'bellows to turn {asked, select, octave {every octave} top {at the top} beats {every {beats} beats} shake {in a shake} other {as they like}}, here they turn {own, select, octave {every octave} top {at the top} beats {every {ownBeats} beats} shake {in a shake} other {as they like}}',
  'short.registers': 'register {asked} asked, this sounds {own}',
  'short.rows': '{rows} asked, a board of {bass} has none',
  'short.board':
    '{asked, select, free {free bass} other {the standard bass}} asked, this has {own, select, free {free bass} other {the standard bass}}',
  'short.treble':
    '{asked, select, keys {keys} other {buttons}} asked, this is for {own, select, keys {keys} other {buttons}}',
  'stick.lead': '{hand, select, right {right lead} other {left lead}}',
  'stick.school': '{school, select, strict {strict alternation} restore_lead {lead restored} other {least effort}}',
  'stick.top-twice': 'top struck twice',
  'stick.rudiment': '{rudiment}s {on, select, degree {on every degree} other {over the notes}}',
  'stick.rolled':
    '{manner, select, separate {rolled} other {rolled through}}{strokes, select, ladder {} other {, {strokes} to the beat}}',
  'stick.four': 'four mallets {figure}',
  'stick.pedal':
    '{pedal, select, beat {pedal at every beat} bar {pedal at every bar} other {pedal down}}{damping, select, next_stroke {, damped by the next stroke} other_mallet {, damped by the other mallet} other {}}',
  'stick.dead': '{which, select, beats {dead strokes on the beat} other {dead strokes}}',
  'sticks.no-thumbs': '“{asked}” is for fingers: sticks have no thumbs to cross.',
  'sticks.no-hand': '“{asked}” is for hands with a line each: sticks share one.',
  'sticks.turns-alone': '“{asked}” leaves each leg to one stick: no rudiment, no roll and no four mallets go with it.',
  practised:
    'Now as practised: in “{figure}” every degree has its own four notes. Note pins and accepted fingers of before no longer fit.',
  'sticks.no-chords': 'Chords of three notes and more are for fingers: two sticks strike two bars at the most.',
  'sticks.own-figure': 'Four mallets have a figure of their own: pattern.figure must be straight.',
  'sticks.no-loops': 'Sticks have no crossings to loop around.',
  'said.pin': '{mark} on note {note}{hand, select, right {, right} left {, left} other {}}',
  'said.pin-run': '{marks} from note {note}{hand, select, right {, right} left {, left} other {}}',
  'said.pin-degree':
    '{mark} on degree {degree}{leg, select, up { going up} down { going down} other {}}{hand, select, right {, right} left {, left} other {}}',
  'error.accepted.length':
    '{of, select, right {The right hand} left {The left hand} other {The line}} has {notes} notes, but {marks} accepted {of, select, right {fingers} left {fingers} other {sticks}}.',
  'error.pin.hand': 'The {hand, select, right {right} other {left}} hand does not play in this study.',
  stage:
    '{stage, select, right_alone {right hand alone} left_alone {left hand alone} crossings {the crossings alone} blocks {grip to grip} together {hands together, slowly} rhythms {long-short, short-long} octaves {all octaves, slowly} ladder {the ladder of rhythms} tempo {up to tempo} above {above the tempo} cold {quick test} against {note against beat} bellows {the bellows} lead {its own lead, slowly} other_lead {the other lead} turns {one stick up, the other down} rolled {rolled, up the ladder} alone {each hand alone} other {{stage}}}',
  'find.key':
    '{place, select, left_of_two {{note} lies left of the two {on, select, bars {bars of the upper row} other {black keys}}} first_of_two {{note} is the first of the two {on, select, bars {bars of the upper row} other {black keys}}} between_two {{note} lies between the two {on, select, bars {bars of the upper row} other {black keys}}} second_of_two {{note} is the second of the two {on, select, bars {bars of the upper row} other {black keys}}} right_of_two {{note} lies right of the two {on, select, bars {bars of the upper row} other {black keys}}} left_of_three {{note} lies left of the three {on, select, bars {bars of the upper row} other {black keys}}} first_of_three {{note} is the first of the three {on, select, bars {bars of the upper row} other {black keys}}} before_middle_of_three {{note} lies between the first and the second of the three {on, select, bars {bars of the upper row} other {black keys}}} middle_of_three {{note} is the middle one of the three {on, select, bars {bars of the upper row} other {black keys}}} after_middle_of_three {{note} lies between the second and the third of the three {on, select, bars {bars of the upper row} other {black keys}}} last_of_three {{note} is the last of the three {on, select, bars {bars of the upper row} other {black keys}}} other {{note} lies right of the three {on, select, bars {bars of the upper row} other {black keys}}}}.',
  'landmark.finger': '{hand, select, left {LH} other {RH}} {finger} on {note}',
  'landmark.lead': '{stick} leads',
  'landmark.doubles': 'doubled: {notes}',
  'landmark.counterbass': 'counterbass: {notes}',
  'watch.crossing':
    '{kind, select, thumb_under {thumb under to {note}} other {{finger} over to {note}}}{hand, select, left {, left hand} other {}}',
  'watch.parting': 'the thumbs cross at different times: {note}',
  'watch.returning': '{notes} on the way down',
  'watch.blocks': 'each grip at once, then move, no note between',
  'watch.rhythms': 'stop before each crossing, then go on without looking',
  'watch.ladder': 'one beat throughout, the hand stays as it is',
  'watch.once': 'first try, once, no corrections',
  'watch.rolled': 'rest a bar between the rungs',
  'watch.turns': 'both sticks equally loud, the change at the top in time',
  'watch.other-lead': '{hand, select, left {left} other {right}} hand leads',
  'watch.doubles': '{count, plural, =1 {one double} other {# doubles}}: wrists low, no accent',
} as const
