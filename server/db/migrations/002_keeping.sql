-- where a study stands in the library, and the words that a teacher gave it
alter table study
  add column tags text[] not null default '{}',
  add column archived_at timestamptz,
  add column binned_at timestamptz,
  add constraint study_on_one_shelf check (archived_at is null or binned_at is null);

-- recipes that were stored before there were patterns are the plain ones
update study set recipe = '{
  "pattern": {"figure": "straight", "walk": "straight", "journey": "one-key", "accompaniment": "none"},
  "rhythm": {"ladder": "none", "lengths": "even", "swing": 50, "accents": 0},
  "bookends": {"before": "none", "after": "none"}
}'::jsonb || recipe;
