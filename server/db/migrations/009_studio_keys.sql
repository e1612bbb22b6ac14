-- Rows of a studio point only at rows of the same studio: every foreign key carries the studio, and has an index that
-- begins with its columns. Without one, deleting what is pointed at reads the whole table each time.
alter table thrown_away rename to trash;
alter table trash rename column thrown_at to trashed_at;
alter index thrown_away_by_studio rename to trash_by_studio;
alter table trash rename constraint thrown_away_what_check to trash_what_check;
alter table change_of_many rename to bulk_edit;
alter table bulk_edit rename column studies to document;

create index bulk_edit_by_studio on bulk_edit (studio_id, done_at desc);
create index pupil_by_studio on pupil (studio_id, name);

alter table pupil add constraint pupil_in_studio unique (studio_id, id);
alter table study add constraint study_in_studio unique (studio_id, id);
alter table study_set add constraint study_set_in_studio unique (studio_id, id);
alter table record_entry add constraint record_entry_in_studio unique (studio_id, id);

alter table study_set
  drop constraint study_set_pupil_id_fkey,
  add constraint study_set_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id);
drop index study_set_by_pupil;
create index study_set_by_pupil on study_set (pupil_id, studio_id, created_at);
create index study_set_by_syllabus on study_set (studio_id, syllabus_id);

alter table set_item add column studio_id integer;
update set_item set studio_id = study_set.studio_id from study_set where study_set.id = set_id;
alter table set_item
  alter column studio_id set not null,
  drop constraint set_item_set_id_fkey,
  drop constraint set_item_study_id_fkey,
  add constraint set_item_of_set foreign key (studio_id, set_id) references study_set (studio_id, id) on delete cascade,
  add constraint set_item_of_study foreign key (studio_id, study_id) references study (studio_id, id);
drop index set_item_by_study;
create index set_item_by_study on set_item (study_id, studio_id);
create index set_item_by_set on set_item (set_id, studio_id);

alter table exam
  drop constraint exam_pupil_id_fkey,
  drop constraint exam_set_id_fkey,
  add constraint exam_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id),
  -- only the set is forgotten, the exam stays
  add constraint exam_of_set foreign key (studio_id, set_id) references study_set (studio_id, id)
    on delete set null (set_id);
drop index exam_by_pupil;
create index exam_by_pupil on exam (pupil_id, studio_id, held_at desc);
create index exam_by_studio on exam (studio_id, held_at desc);
create index exam_by_set on exam (set_id, studio_id);

alter table record_entry
  drop constraint record_entry_pupil_id_fkey,
  drop constraint record_entry_corrects_fkey,
  add constraint record_entry_of_pupil foreign key (studio_id, pupil_id) references pupil (studio_id, id)
    on delete cascade,
  add constraint record_entry_corrects foreign key (studio_id, corrects) references record_entry (studio_id, id)
    on delete cascade;
create index record_by_correction on record_entry (corrects, studio_id);

alter table aim
  drop constraint aim_set_id_fkey,
  add constraint aim_of_set foreign key (studio_id, set_id) references study_set (studio_id, id) on delete cascade;
create index aim_by_studio on aim (studio_id);
