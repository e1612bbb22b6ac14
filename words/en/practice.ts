/** What was played, what will be, and whether it will do. */
export const practice = {
  'practice-state':
    '{practiceState, select, untried {not played yet} learning {learning} right_once {right once} held {held} ready {ready} other {fading}}',
  'change.tested': '{study}: asked again on {day}',
  'change.further': '{study}: further on from {day}',
  'change.back': '{study}: back a step from {day}',
  'change.more': '{study}: more sittings',
  'change.fewer': '{study}: fewer sittings',
  'help.minutes': '{minutes} minutes a day',
  'help.weeks': '{weeks, plural, =1 {one week} other {# weeks}} later',
  'help.leave': '{count, plural, =1 {without one study} other {without # studies}}',
  'help.grade': '{title} instead',
  'error.date.unknown': '“{date}” is not a date. Write it as 2027-03-12.',
  'error.exam.past': 'The exam date {date} must be after today.',
  'error.exam.far': 'The exam is more than {years, plural, other {# years}} away. Plans reach no further.',
  'error.entry.future': '{date} is in the future. The practice record holds what was played.',
  'error.away.order': 'A holiday cannot end on {to} when it begins on {from}.',
  'error.studies.none': 'There is nothing to practise. Name studies, or a list and its grade.',
} as const
