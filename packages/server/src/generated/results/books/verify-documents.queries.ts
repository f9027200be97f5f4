/** Types generated for queries found in "packages/server/src/results/books/verify-documents.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'BookTaxes' parameters type */
export type IBookTaxesParams = void;

/** 'BookTaxes' return type */
export interface IBookTaxesResult {
  base: number;
  category: string;
  invoiceId: string;
  rate: number;
  tax: number;
}

/** 'BookTaxes' query type */
export interface IBookTaxesQuery {
  params: IBookTaxesParams;
  result: IBookTaxesResult;
}

const bookTaxesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  invoice_id as \"invoiceId!\",\n  category as \"category!\",\n  rate as \"rate!\",\n  base_minor as \"base!\",\n  tax_minor as \"tax!\"\nfrom\n  invoice_tax\norder by\n  invoice_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   invoice_id as "invoiceId!",
 *   category as "category!",
 *   rate as "rate!",
 *   base_minor as "base!",
 *   tax_minor as "tax!"
 * from
 *   invoice_tax
 * order by
 *   invoice_id
 * ```
 */
export const bookTaxes = new PreparedQuery<IBookTaxesParams,IBookTaxesResult>(bookTaxesIR);


/** 'BookSeries' parameters type */
export type IBookSeriesParams = void;

/** 'BookSeries' return type */
export interface IBookSeriesResult {
  next: number;
  series: string;
}

/** 'BookSeries' query type */
export interface IBookSeriesQuery {
  params: IBookSeriesParams;
  result: IBookSeriesResult;
}

const bookSeriesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  series as \"series!\",\n  next_number as \"next!\"\nfrom\n  invoice_series"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   series as "series!",
 *   next_number as "next!"
 * from
 *   invoice_series
 * ```
 */
export const bookSeries = new PreparedQuery<IBookSeriesParams,IBookSeriesResult>(bookSeriesIR);


