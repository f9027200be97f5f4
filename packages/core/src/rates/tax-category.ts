/** EN 16931's categories that the product uses: standard, zero, exempt, reverse charge, outside scope. */
export const TAX_CATEGORIES = ['S', 'Z', 'E', 'AE', 'O'] as const;
export type TaxCategory = (typeof TAX_CATEGORIES)[number];
