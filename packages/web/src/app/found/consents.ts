import type { ValidatorFn } from '@angular/forms';
import type { Consents } from '@yellowwood/contracts';
import type { Api } from '../api/api';
import { says } from '../ui/form/field';

/** Nobody has an account who has not agreed. */
export const agreed: ValidatorFn = ({ value }) =>
  value === true ? null : says('An account needs this: read the two texts, and tick the box if you agree.');

/** The versions of the texts that are linked beside the box. */
export async function consentsOf(api: Api): Promise<Consents> {
  const { texts } = await api.call('readTexts');
  const version = (document: 'terms' | 'data') => texts.find((text) => text.document === document)!.version;
  return { terms: version('terms'), data: version('data') };
}
