import { ValidatorFn } from '@angular/forms';
import { says } from './field';

/** What cannot be an e-mail address is said at its field. */
export const emailLike: ValidatorFn = ({ value }) =>
  String(value).includes('@') ? null : says('Type your e-mail address, such as name@firm.example.');

/** What is too short for a new password is said at its field. */
export const longEnough: ValidatorFn = ({ value }) =>
  String(value).length < 12 ? says('The new password needs at least 12 characters.') : null;
