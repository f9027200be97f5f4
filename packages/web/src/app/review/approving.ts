import type { Approved } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Command } from '../ui/command';

/** Approves entries as they were seen, and offers to take that back. */
export function approving(
  api: Api,
  command: Command,
  entries: readonly { readonly id: string; readonly version: number }[],
  done: string,
): Promise<Approved | undefined> {
  const body = { entries: entries.map(({ id, version }) => ({ id, version })) };
  return command.run((key) => api.call('approveEntries', { body, key }), {
    done,
    undo: (approved) => api.call('recallApproval', { body: { entries: approved.entries } }),
    about: JSON.stringify(body),
  });
}
