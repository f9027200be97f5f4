import { Currency, Day, FirmPath, Id, Millionths, Name, RateField, endpoint, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

/** What an hour of each person costs today, and from what. Only for readers with the right to pay. */
export const PayList = strict({
  on: Day,
  currency: Currency,
  people: Type.Array(
    strict({
      id: Id,
      name: Name,
      position: nullable(Name),
      /** Null where no pay rate is valid: their time costs nothing until somebody gives one. */
      pay: nullable(strict({ rate: RateField, validFrom: Day })),
      overhead: nullable(RateField),
      /** Overhead as it is agreed: money per hour, or a percentage of pay in millionths. */
      overheadPercent: nullable(Millionths),
      cost: nullable(RateField),
      /** The standard cost rate of the position: what those see who may know cost and not pay. */
      standard: nullable(RateField),
    }),
  ),
});
export type PayList = Static<typeof PayList>;

/** Pay, overhead and loaded cost of an hour of each person. */
export const listPay = endpoint({
  summary: 'Pay, overhead and loaded cost of an hour of each person',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/pay',
  permission: 'pay.read',
  params: FirmPath,
  answer: PayList,
});
