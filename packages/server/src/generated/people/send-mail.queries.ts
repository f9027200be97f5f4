/** Types generated for queries found in "packages/server/src/people/send-mail.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'MailToSend' parameters type */
export interface IMailToSendParams {
  id: string;
}

/** 'MailToSend' return type */
export interface IMailToSendResult {
  accountId: string | null;
  firm: string | null;
  kind: string;
  name: string | null;
  recipient: string;
  sender: string | null;
  sentAt: string | null;
}

/** 'MailToSend' query type */
export interface IMailToSendQuery {
  params: IMailToSendParams;
  result: IMailToSendResult;
}

const mailToSendIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":193}]}],"statement":"select\n  kind as \"kind!\",\n  account_id as \"accountId?\",\n  name as \"name?\",\n  firm as \"firm?\",\n  sender as \"sender?\",\n  recipient as \"recipient!\",\n  sent_at as \"sentAt?\"\nfrom\n  mail_to_send (:id!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   kind as "kind!",
 *   account_id as "accountId?",
 *   name as "name?",
 *   firm as "firm?",
 *   sender as "sender?",
 *   recipient as "recipient!",
 *   sent_at as "sentAt?"
 * from
 *   mail_to_send (:id!)
 * ```
 */
export const mailToSend = new PreparedQuery<IMailToSendParams,IMailToSendResult>(mailToSendIR);


/** 'NoteMailSent' parameters type */
export interface INoteMailSentParams {
  id: string;
  now: string;
}

/** 'NoteMailSent' return type */
export interface INoteMailSentResult {
  note_mail_sent: undefined | null;
}

/** 'NoteMailSent' query type */
export interface INoteMailSentQuery {
  params: INoteMailSentParams;
  result: INoteMailSentResult;
}

const noteMailSentIR: any = {"usedParamSet":{"id":true,"now":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":28}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":35}]}],"statement":"select\n  note_mail_sent (:id!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   note_mail_sent (:id!, :now!)
 * ```
 */
export const noteMailSent = new PreparedQuery<INoteMailSentParams,INoteMailSentResult>(noteMailSentIR);


/** 'KeepToken' parameters type */
export interface IKeepTokenParams {
  account?: string | null | void;
  expires: string;
  hash: string;
  mail: string;
}

/** 'KeepToken' return type */
export interface IKeepTokenResult {
  keep_token: undefined | null;
}

/** 'KeepToken' query type */
export interface IKeepTokenQuery {
  params: IKeepTokenParams;
  result: IKeepTokenResult;
}

const keepTokenIR: any = {"usedParamSet":{"hash":true,"account":true,"mail":true,"expires":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":21,"b":26}]},{"name":"account","required":false,"transform":{"type":"scalar"},"locs":[{"a":29,"b":36}]},{"name":"mail","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":44}]},{"name":"expires","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":55}]}],"statement":"select\n  keep_token (:hash!, :account, :mail!, :expires!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   keep_token (:hash!, :account, :mail!, :expires!)
 * ```
 */
export const keepToken = new PreparedQuery<IKeepTokenParams,IKeepTokenResult>(keepTokenIR);


