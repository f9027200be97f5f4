/**
 * What a firm may leave out of sight, each on its own: reviewing submitted time, billing it, what people's time costs,
 * people's time person by person, the grid of a period, and being instructed in how time is recorded.
 */
export const FIRM_FUNCTIONS = ['review', 'invoices', 'cost', 'people', 'grid', 'instruction'] as const;
export type FirmFunction = (typeof FIRM_FUNCTIONS)[number];

/** Some of the functions, each once and in their order. */
export function inOrderOfFunctions(some: Iterable<FirmFunction>): FirmFunction[] {
  const chosen = new Set(some);
  return FIRM_FUNCTIONS.filter((one) => chosen.has(one));
}
