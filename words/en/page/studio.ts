/** The studio and its data: backups, archive, other studios. */
export const studio = {
  'studio.head': 'Settings · Tactum',
  'studio.title': 'Settings',
  'studio.name': 'Name',
  'studio.teacher': 'Teacher',
  'studio.save': 'Save',
  'studio.saved': 'Saved.',
  'studio.is-demo': 'This is the demo: an invented studio to try things in. Start an empty studio for your own pupils.',

  'studio.backups': 'Backups',
  'studio.backups.about':
    'A copy of everything is made once a day while Tactum runs. Each is read back before it counts. Older ones are deleted after two weeks, except the first of each month.',
  'studio.backups.last': 'Last backup: {day, select, today {today} yesterday {yesterday} other {{date}}}, {time}',
  'studio.backups.none': 'No backup yet: the first is made a moment after the start.',
  'studio.backups.off': 'No backups are made here: this Tactum was not started by npm start.',
  'studio.backups.failed': 'The last backup failed: {why}',
  'studio.backups.now': 'Back up now',
  'studio.backups.working': 'Backing up …',
  'studio.backups.where': 'They are in {folder}. Copy them to another disk from time to time.',
  'studio.backups.line': '{date}, {time}',
  'studio.backups.reason':
    '{reason, select, daily {daily} manual {made by hand} restore {before a restore} other {before an update}} · {size}',
  'studio.backups.size': '{bytes, number} kB',
  'studio.backups.restore': 'Restore',
  'studio.backups.restore-label': 'Restore the backup of {date}, {time}',
  'studio.backups.sure':
    'Put all studios back as they were on {date}, {time}? A backup of how they are now is made first.',
  'studio.backups.restoring': 'Restoring …',
  'studio.backups.all': '{count, plural, other {Show all # backups}}',

  'studio.archive': 'Archive',
  'studio.archive.about':
    'This studio as one ZIP of open files: JSON, MusicXML, CSV. Move it to another computer, or store it.',
  'studio.archive.export': 'Export',
  'studio.archive.exporting': 'Writing the archive …',
  'studio.archive.exported': 'Exported: {name}',
  'studio.archive.import': 'Import an archive …',
  'studio.archive.reading': 'Reading {name} …',
  'studio.archive.importing': 'Importing …',
  'studio.archive.cancel': 'Cancel',
  'studio.archive.found': '{pupil, select, one {One pupil of {studio}} other {{studio}}}, exported {date}: {contents}.',
  'studio.archive.contents':
    '{pupils, plural, one {one pupil} other {# pupils}}, {sets, plural, one {one set} other {# sets}}, {studies, plural, one {one study} other {# studies}}, {entries, plural, one {one entry} other {# entries}} of the practice record',
  'studio.archive.beside': 'It is added to {studio}. Nothing there is changed or doubled.',
  'studio.archive.into-demo':
    'This studio is the demo. Open or create your own studio first, if these are real pupils.',
  'studio.archive.take': 'Import',
  'studio.archive.added': 'Imported: {contents}.',
  'studio.archive.nothing-new': 'Everything in this archive was here already. Nothing was changed.',

  'studio.others': 'Studios',
  'studio.others.open': 'Open',
  'studio.others.open-label': 'Open {name}',
  'studio.others.is-open': 'open',
  'studio.others.demo': 'demo',
  'studio.others.holds':
    '{pupils, plural, one {one pupil} other {# pupils}}, {studies, plural, one {one study} other {# studies}}',
  'studio.others.empty': 'Start empty …',
  'studio.others.empty-about': 'A new studio with nothing in it. The others stay as they are.',
  'studio.others.create': 'Create',
  'studio.others.delete-demo': 'Delete the demo',
  'studio.others.delete-demo-sure': 'Delete the demo with everything changed in it? Your own studios stay.',
  'studio.others.restore-demo': 'Reset the demo',
  'studio.others.restore-demo-sure':
    'Reset the demo? Everything changed in the demo is deleted. Your own studios stay.',
  'studio.others.restore-demo-yes': 'Reset the demo',

  'studio.erased': 'Erased pupils',
  'studio.erased.line':
    '{date}: {sets, plural, one {one set} other {# sets}}, {exams, plural, one {one mock exam} other {# mock exams}}, {entries, plural, one {one entry} other {# entries}}',
  'studio.erased.about': 'Only that it happened is kept, not who it was. Backups from before still hold them.',
} as const
