/** Pupils: a new one in a line, and when they come. */
export const pupils = {
  'pupils.such-as':
    '{family, select, accordion {Nina, accordion, 48 bass, Mondays 16:30, about Grade 3, knows C G D F} mallets {Nina, vibraphone, Mondays 16:30, about Grade 3, knows C G D F} other {Nina, piano, Mondays 16:30, about Grade 3, knows C G D F}}',
  'pupils.heard.lesson': '{day} {time}, {minutes} min',
  'pupils.heard.level': 'level {level}',
  'pupils.heard.knows': 'knows {keys}',
  'pupils.heard.note': 'note: {note}',
  'pupils.lesson': 'Lesson',
  'pupils.lesson.day': 'Lesson day',
  'pupils.lesson.none': 'no fixed day',
  'pupils.lesson.time': 'Time',
  'pupils.lesson.minutes': 'Minutes',
  'pupils.lesson.at': '{day} {time}',
  'pupils.to-lesson': 'Lesson',
  'pupils.level': 'Level',
  'pupils.level.none': 'not set',
} as const
