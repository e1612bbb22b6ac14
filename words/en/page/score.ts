/** The score. */
export const score = {
  'score.score-system.engraving': 'engraving …',
  'score.score-system.notes-to': '{what}, notes {value} to {to}',
  'score.score-system.swing': 'swing {swing} %',
  'score.score-system.strokes-per-beat': '{roll} strokes to the beat',
  'score.speak.note-of': '{called}note {value} of {count}',
  'score.speak.bar': 'bar {value}',
  'score.speak.sign':
    '{sign, select, double_sharp { double sharp } double_flat { double flat } sharp { sharp } other { flat }}',
} as const
