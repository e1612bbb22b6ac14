/** Help inside the program. */
export const help = {
  'help.page': 'Help · Tactum',
  'help.title': 'Help',
  'help.try': 'Type a scale',
  'help.try.how': 'Press one to see it on the desk. There, press / and type your own.',
  'help.try.about':
    '{about, select, keys {Keys and forms} hands {Hands} shape {Arpeggios, chords, patterns} tempo {Octaves, tempo, touch} other {Many at once, other instruments}}',
  'help.keys': 'Keys',
  'help.keys.type': 'at the desk: type a scale. In a lesson: type what was played',
  'help.keys.play': 'at the desk: play, or stop',
  'help.keys.pin': 'on a finger: pin it',
  'help.keys.unpin': 'on a finger: unpin it',
  'help.keys.undo': 'undo',
  'help.keys.all': 'at the desk: every key',
  'help.keys.outcome': 'in a lesson: right, hesitated, wrong',
  'help.keys.pedal': 'in a lesson, by page turner: right. Page Up: wrong',
  'help.handbook': 'Handbook',
  'help.chapters': 'Chapters',
  'help.chapter':
    '{chapter, select, handbook {Handbook} calling {Typing a scale} schools {Fingering schools} sticking {Sticking} accordion {Accordion} other {Practice}}',
  'help.about': 'About',
  'help.about-title': 'About Tactum',
  'help.about-page': 'About · Tactum',
  'help.reading': 'loading the handbook …',
} as const
