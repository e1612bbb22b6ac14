/** What changes from one study to another. */
export const compare = {
  'diff.note': '{from} becomes {to}{way, select, up { going up} down { going down} other {}}',
  'diff.notes': '{changes}',
  'diff.same-notes': '{names, select, same {the same notes} other {the same keys under other names}}',
  'diff.moved':
    'transposed {by, plural, =1 {a half step} =2 {a whole step} other {# half steps}} {way, select, up {up} other {down}}',
  'diff.degree':
    'degree {degree} lies {by, plural, =1 {a half step} =2 {a whole step} other {# half steps}} {way, select, up {higher} other {lower}}',
  'diff.gained': '{notes} as well',
  'diff.lost': 'without {notes}',
  'diff.begins': 'begins on {to}, where it was {from}',
  'diff.instrument': 'on the {to}, where it was the {from}',
  'diff.instead': '{to}, where it was {from}',
  'diff.now': 'now {what}',
  'diff.no-longer': 'no longer {what}',
  'diff.course':
    '{to, select, up_down {up first, then down} down_up {down first, then up} up {up only} other {down only}}, where it was {from, select, up_down {up, then down} down_up {down, then up} up {up only} other {down only}}',
  'diff.school': 'school: {to}, where it was {from}',
  'diff.touch': '{to}, where it was {from}',
  'diff.tempo': '{how, select, faster {faster} other {slower}}: {to} notes a minute against {from}',
  'diff.same-marks':
    '{player, select, right {right hand: } left {left hand: } other {}}the same fingers on the same {by, select, note {notes} other {degrees}}{ends, select, yes {, but for the ends} other {}}',
  'diff.marks':
    '{player, select, right {right hand: } left {left hand: } other {}}{changes}{thumbs, select, none {} other {, {thumbs}}}',
  'diff.taken':
    '{to} instead of {from} on {by, select, note {{note}} other {degree {note}}}{way, select, up { going up} down { going down} other {}}',
  'diff.marks-on':
    '{player, select, right {right hand: } left {left hand: } other {}}other fingers on {by, select, note {{notes}} other {degrees {notes}}}{thumbs, select, none {} other {, {thumbs}}}',
  'diff.thumbs':
    '{after, select, none {no thumb any more, where it was on {before}} other {thumbs on {after} instead of {before, select, none {nowhere} other {{before}}}}}',
  'diff.own-marks': '{player, select, right {right hand: } left {left hand: } other {}}a fingering of its own',
  'diff.strokes':
    '{count, plural, =0 {every stroke stays in its hand} one {# stroke changes hands} other {# strokes change hands}}',
  'diff.places':
    '{player, select, right {right hand: } left {left hand: } other {}}{count, plural, one {# note on another button} other {# notes on other buttons}}',
  'diff.length':
    '{player, select, right {right hand: } left {left hand: } each {each hand: } other {}}{more, plural, =0 {} one {# note more} other {# notes more}}{fewer, plural, =0 {} one {# note fewer} other {# notes fewer}}',
  'diff.down':
    '{player, select, right {right hand, } left {left hand, } other {}}coming down: {notes} ({count, plural, =0 {every {plays, select, sticks {stick} other {finger}} stays} one {# {plays, select, sticks {stick} other {finger}} changes} other {# {plays, select, sticks {stick} other {finger}}s change}})',
  'diff.comes-in': 'the {player, select, right {right hand comes} left {left hand comes} other {sticks come}} in',
  'diff.left-out': 'the {player, select, right {right hand is} left {left hand is} other {sticks are}} left out',
  'diff.harder':
    '{by, select, same {as hard as before} little {a little {how, select, harder {harder} other {easier}}: {to} against {from}} harder {{how, select, harder {harder} other {easier}}: {to} against {from}} other {much {how, select, harder {harder} other {easier}}: {to} against {from}}}',
  'diff.not-ranked': 'difficulty is not compared between two instruments',
} as const
