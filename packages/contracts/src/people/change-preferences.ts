import { DurationForm, Theme } from './preferences';
import { endpoint, strict } from '../platform/fields';
import { Session } from './session';

/** Theme and form of durations. */
export const changePreferences = endpoint({
  summary: 'Theme and form of durations',
  kind: 'open',
  method: 'PUT',
  path: '/preferences',
  permission: null,
  body: strict({ theme: Theme, durationForm: DurationForm }),
  answer: Session,
});
