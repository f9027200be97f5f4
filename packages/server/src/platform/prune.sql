/* @name pruneReplays */
select
  prune_replays (:before!) as "gone!";

/* @name pruneMail */
select
  prune_mail (:before!);
