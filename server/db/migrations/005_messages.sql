-- A study's title is made from its recipe, in the reader's language.
alter table study drop column title;

-- What was called in exams that were held is a message; what was kept as text says itself.
update exam set document = jsonb_set(document, '{items}', (
  select coalesce(jsonb_agg(item || jsonb_build_object(
    'call', jsonb_build_object('code', 'text', 'params', jsonb_build_object('text', item->'call')),
    'words', jsonb_build_object('code', 'text', 'params', jsonb_build_object('text', item->'words'))
  ) order by place), '[]')
  from jsonb_array_elements(document->'items') with ordinality as listed (item, place)));

-- Questions that a list leaves open are codes.
create temporary table asked (sentence text, code text) on commit drop;
insert into asked values
  ('No tempo is named: 60 in quavers is taken.', 'no-tempo'),
  ('No note value is named: quavers are taken.', 'no-notes'),
  ('Whose choice is the hand? The candidate’s is taken.', 'hand'),
  ('Who chooses the touch? The examiner, so both are prepared.', 'touch'),
  ('Who chooses the form? The candidate is taken to.', 'form'),
  ('One form for each key, or one for all? Each key by itself is taken.', 'form-scope'),
  ('Contrary from one key, or an octave apart? Either counts.', 'contrary-from'),
  ('Which hand has the tonic? Either counts.', 'tonic-hand'),
  ('Dominant seventh of the key, or on the note? On the note is taken.', 'seventh'),
  ('Every start counts by itself, as the examiner may name any.', 'starts'),
  ('Minor is taken as harmonic?', 'assumed.harmonic'),
  ('No kind was named: major?', 'assumed.major'),
  ('No seventh was named: dominant?', 'assumed.dominant'),
  ('Melodic minor is taken as jazz melodic?', 'assumed.jazz');
do $$
declare question record;
begin
  for question in select to_json(sentence)::text as sentence, to_json(code)::text as code from asked loop
    update syllabus set document = replace(document::text, question.sentence, question.code)::jsonb
      where position(question.sentence in document::text) > 0;
    update syllabus_past set document = replace(document::text, question.sentence, question.code)::jsonb
      where position(question.sentence in document::text) > 0;
  end loop;
end $$;
