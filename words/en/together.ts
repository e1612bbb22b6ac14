/** Where hands meet, and what makes a study hard. */
export const together = {
  'difficulty.steps': 'each step',
  'difficulty.crossings': 'crossings',
  'difficulty.moves': 'moves of the whole hand',
  'difficulty.keys': 'black keys',
  'difficulty.chords': 'double notes and chords',
  'difficulty.leaps': 'steps wider than a tone',
  'difficulty.form': 'the form to keep in mind',
  'difficulty.together': 'both hands together',
  'difficulty.strokes': 'strokes',
  'difficulty.crossed': 'sticks crossed over',
  'difficulty.doubles': 'doubles',
  'difficulty.rows': 'moves between the rows',
  'difficulty.length': 'length, by how far it travels',
  'difficulty.tempo': 'tempo, against 120 notes a minute',
  'difficulty.times': '× {value}',
  'difficulty.more': '{value, number, ::sign-always}',
  'meet.mirrored':
    'Both hands take the same finger on every note, and cross at once: {times, plural, =1 {once} =2 {twice} other {# times}}.',
  'meet.thumbs': 'Thumbs meet on {places}: {times, plural, =1 {once} =2 {twice} other {# times}}.',
  'meet.thirds': 'Third fingers meet on {places}: {times, plural, =1 {once} =2 {twice} other {# times}}.',
  'meet.no-thumbs': 'Thumbs never meet.',
  'meet.no-thirds': 'Third fingers never meet.',
  'meet.swapped': 'Thumb and second finger change places from {places}.',
  'meet.cross':
    'Both hands cross at once on {places}.{following, plural, =0 {} =1 { One crosses straight after the other: once.} =2 { One crosses straight after the other: twice.} other { One crosses straight after the other: # times.}}',
  'meet.never-cross':
    'The hands never cross on the same note.{following, plural, =0 {} =1 { One crosses straight after the other: once.} =2 { One crosses straight after the other: twice.} other { One crosses straight after the other: # times.}}',
  'places.many': '{count} places',
  'places.named': '{notes}',
  'place.one': '{note}',
  'place.two': '{upper} with {lower}',
} as const
