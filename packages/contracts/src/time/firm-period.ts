import { Static } from 'typebox';
import { Day, FirmPath, strict } from '../platform/fields';

/** A period of submission, named by its first day; the firm's rule says how long it is. */
export const FirmPeriod = strict({ ...FirmPath.properties, from: Day });
export type FirmPeriod = Static<typeof FirmPeriod>;
