/** Types generated for queries found in "packages/server/src/billing/payments/record-payment.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'InsertPayment' parameters type */
export interface IInsertPaymentParams {
  amount: number;
  by: string;
  client: string;
  currency: string;
  firm: string;
  id: string;
  now: string;
  receivedOn: string;
  reference: string;
}

/** 'InsertPayment' return type */
export type IInsertPaymentResult = void;

/** 'InsertPayment' query type */
export interface IInsertPaymentQuery {
  params: IInsertPaymentParams;
  result: IInsertPaymentResult;
}

const insertPaymentIR: any = {"usedParamSet":{"firm":true,"id":true,"client":true,"currency":true,"amount":true,"receivedOn":true,"reference":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":176,"b":181}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":188,"b":191}]},{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":198,"b":205}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":212,"b":221}]},{"name":"amount","required":true,"transform":{"type":"scalar"},"locs":[{"a":228,"b":235}]},{"name":"receivedOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":242,"b":253}]},{"name":"reference","required":true,"transform":{"type":"scalar"},"locs":[{"a":260,"b":270}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":277,"b":280}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":287,"b":291}]}],"statement":"insert into\n  payment (\n    firm_id,\n    id,\n    client_id,\n    currency,\n    amount_minor,\n    received_on,\n    reference,\n    recorded_by,\n    recorded_at\n  )\nvalues\n  (\n    :firm!,\n    :id!,\n    :client!,\n    :currency!,\n    :amount!,\n    :receivedOn!,\n    :reference!,\n    :by!,\n    :now!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   payment (
 *     firm_id,
 *     id,
 *     client_id,
 *     currency,
 *     amount_minor,
 *     received_on,
 *     reference,
 *     recorded_by,
 *     recorded_at
 *   )
 * values
 *   (
 *     :firm!,
 *     :id!,
 *     :client!,
 *     :currency!,
 *     :amount!,
 *     :receivedOn!,
 *     :reference!,
 *     :by!,
 *     :now!
 *   )
 * ```
 */
export const insertPayment = new PreparedQuery<IInsertPaymentParams,IInsertPaymentResult>(insertPaymentIR);


