import { Forms } from '../firm/forms';
import { DurationForm, Theme } from './preferences';
import { endpoint, optional, strict } from '../platform/fields';
import { Session } from './session';

/** Theme, form of durations, and forms of dates, times and figures; left out, those stay. */
export const changePreferences = endpoint({
  summary: 'Theme, form of durations, and forms of dates, times and figures',
  kind: 'open',
  method: 'PUT',
  path: '/preferences',
  permission: null,
  body: strict({ theme: Theme, durationForm: DurationForm, forms: optional(Forms) }),
  answer: Session,
});
