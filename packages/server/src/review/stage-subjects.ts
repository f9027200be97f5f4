/** History of entries whose stage moved and nothing else. */
export function stageSubjects(entries: readonly { id: string; stage: string }[], to: string) {
  return entries.map((entry) => ({ kind: 'entry' as const, id: entry.id, before: { stage: entry.stage }, after: { stage: to } }));
}
