/* @name invitationOf */
select
  slug as "slug!",
  firm as "firm!",
  name as "name!",
  email as "email!",
  sender as "sender!",
  known as "known!"
from
  invitation_of (:hash!, :now!);

/* @name makeInvitedAccount */
select
  make_invited_account (:account!, :email!, :name!, :hash!, :consents!, :now!) as "made!";

/* @name joinFirm */
select
  join_firm (:token!, :account!, :now!) as "joined!";

/* @name setGuide */
update person
set
  guide = :shown!
where
  id = :person!;
