/** Types generated for queries found in "packages/server/src/firm/words.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'WordsOfFirm' parameters type */
export type IWordsOfFirmParams = void;

/** 'WordsOfFirm' return type */
export interface IWordsOfFirmResult {
  version: number;
  words: Json;
  workText: string;
}

/** 'WordsOfFirm' query type */
export interface IWordsOfFirmQuery {
  params: IWordsOfFirmParams;
  result: IWordsOfFirmResult;
}

const wordsOfFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  own_words as \"words!\",\n  work_text as \"workText!\",\n  version as \"version!\"\nfrom\n  firm"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   own_words as "words!",
 *   work_text as "workText!",
 *   version as "version!"
 * from
 *   firm
 * ```
 */
export const wordsOfFirm = new PreparedQuery<IWordsOfFirmParams,IWordsOfFirmResult>(wordsOfFirmIR);


/** 'SetWords' parameters type */
export interface ISetWordsParams {
  words: Json;
  workText: string;
}

/** 'SetWords' return type */
export type ISetWordsResult = void;

/** 'SetWords' query type */
export interface ISetWordsQuery {
  params: ISetWordsParams;
  result: ISetWordsResult;
}

const setWordsIR: any = {"usedParamSet":{"words":true,"workText":true},"params":[{"name":"words","required":true,"transform":{"type":"scalar"},"locs":[{"a":30,"b":36}]},{"name":"workText","required":true,"transform":{"type":"scalar"},"locs":[{"a":53,"b":62}]}],"statement":"update firm\nset\n  own_words = :words!,\n  work_text = :workText!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   own_words = :words!,
 *   work_text = :workText!,
 *   version = version + 1
 * ```
 */
export const setWords = new PreparedQuery<ISetWordsParams,ISetWordsResult>(setWordsIR);


