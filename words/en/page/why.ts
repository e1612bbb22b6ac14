/** Why so. */
export const why = {
  'why.why-fingering': 'Why this fingering',
  'why.why-sticking': 'Why this sticking',
  'why.why-column.fewer-reasons': 'fewer reasons',
  'why.why-column.more-reasons': '{SHOWN} more reasons',
  'why.why-column.notes': 'Notes',
  'why.why-column.hands-together': 'Hands together',
  'why.other-fingerings': 'Other fingerings',
  'why.other-stickings': 'Other stickings',
  'why.why-column.take-for': 'Use {what} for the {called}',
  'why.why-column.take': 'Use',
  'why.why-column.compare': 'Compare side by side',
  'why.why-column.how-hard': 'Difficulty',
  'why.why-column.from-note': 'from {printedName}, note {value}',
  'why.why-column.impossible': 'not possible here',
  'why.why-column.figures': 'Show scores',
  'why.why-column.scale':
    'Points of the school: less than {little} more is as good, from {little} a little harder, from {clearly} clearly, from {much} much harder, and from {beyond} it is ruled out. An octave’s pattern is scored once, a line as a whole.',
  'why.why-column.costs-more': 'costs {rounded} more',
  'why.why-column.as-good': 'costs no more',
} as const
