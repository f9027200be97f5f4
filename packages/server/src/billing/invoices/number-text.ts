/** How a number is written: the series' prefix and at least four digits. */
export function numberText(prefix: string, number: number): string {
  return `${prefix}${String(number).padStart(4, '0')}`;
}
