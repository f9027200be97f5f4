/** What a body must be, by domain; generated from the contracts. */
export interface CheckError { readonly instancePath: string; readonly message?: string }
export interface Check { (value: unknown): boolean; errors?: readonly CheckError[] | null }
export const checks: Readonly<Record<string, () => Promise<Readonly<Record<string, Check | undefined>>>>> = {
  firm: () => import('./checks-firm.js') as never,
  people: () => import('./checks-people.js') as never,
  founding: () => import('./checks-founding.js') as never,
  work: () => import('./checks-work.js') as never,
  ledger: () => import('./checks-ledger.js') as never,
  time: () => import('./checks-time.js') as never,
  review: () => import('./checks-review.js') as never,
  billing: () => import('./checks-billing.js') as never,
};
