/* @name wordsOfFirm */
select
  own_words as "words!",
  work_text as "workText!",
  version as "version!"
from
  firm;

/* @name setWords */
update firm
set
  own_words = :words!,
  work_text = :workText!,
  version = version + 1;
