/** Where hands meet. */
export const together = {
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
  'meet.cues':
    '{way, select, up {Going up} other {Coming down}} watch the {hand, select, right {right} other {left}} thumb: it passes to {cues}.',
  'meet.cue': '{note} as the {other, select, right {right} other {left}} hand has {finger}',
  'places.many': '{count} places',
  'places.named': '{notes}',
  'place.one': '{note}',
  'place.two': '{upper} with {lower}',
} as const
