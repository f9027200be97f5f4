/** The ways in which time is recorded: by a timer, as a length, from start to end; in the order in which they are told. */
export const RECORD_WAYS = ['timer', 'length', 'span'] as const;
export type RecordWay = (typeof RECORD_WAYS)[number];

/** Some of the ways, each once and in their order. */
export function inOrderOfWays(ways: readonly RecordWay[]): RecordWay[] {
  return RECORD_WAYS.filter((way) => ways.includes(way));
}
