/** What a draft is of: a thing as it was read; undefined while it is not. */
export function seenOf(thing: { readonly id: string; readonly version: number } | null): string | undefined {
  return thing ? `${thing.id} ${thing.version}` : undefined;
}
