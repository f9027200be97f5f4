/* @name pruneReplays */
select
  prune_replays (:before!) as "gone!";
