/* @name moveEntries */
update entry e
set
  stage = m.stage,
  version = e.version + 1
from
  jsonb_to_recordset(:moves!) as m (id uuid, stage text)
where
  e.id = m.id;
