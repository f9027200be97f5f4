/** Types generated for queries found in "packages/server/src/billing/invoices/read-invoice-pdf.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'PdfOf' parameters type */
export interface IPdfOfParams {
  invoice: string;
}

/** 'PdfOf' return type */
export interface IPdfOfResult {
  bytes: Buffer;
  sha256: string;
}

/** 'PdfOf' query type */
export interface IPdfOfQuery {
  params: IPdfOfParams;
  result: IPdfOfResult;
}

const pdfOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":98}]}],"statement":"select\n  bytes as \"bytes!\",\n  sha256 as \"sha256!\"\nfrom\n  invoice_pdf\nwhere\n  invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   bytes as "bytes!",
 *   sha256 as "sha256!"
 * from
 *   invoice_pdf
 * where
 *   invoice_id = :invoice!
 * ```
 */
export const pdfOf = new PreparedQuery<IPdfOfParams,IPdfOfResult>(pdfOfIR);


/** 'KeepPdf' parameters type */
export interface IKeepPdfParams {
  bytes: Buffer;
  firm: string;
  invoice: string;
  now: string;
  sha256: string;
}

/** 'KeepPdf' return type */
export type IKeepPdfResult = void;

/** 'KeepPdf' query type */
export interface IKeepPdfQuery {
  params: IKeepPdfParams;
  result: IKeepPdfResult;
}

const keepPdfIR: any = {"usedParamSet":{"firm":true,"invoice":true,"bytes":true,"sha256":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":82,"b":87}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":98}]},{"name":"bytes","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":107}]},{"name":"sha256","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":117}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":124}]}],"statement":"insert into\n  invoice_pdf (firm_id, invoice_id, bytes, sha256, made_at)\nvalues\n  (:firm!, :invoice!, :bytes!, :sha256!, :now!)\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   invoice_pdf (firm_id, invoice_id, bytes, sha256, made_at)
 * values
 *   (:firm!, :invoice!, :bytes!, :sha256!, :now!)
 * on conflict do nothing
 * ```
 */
export const keepPdf = new PreparedQuery<IKeepPdfParams,IKeepPdfResult>(keepPdfIR);


