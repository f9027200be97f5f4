import type { PersonFacts } from '@yellowwood/contracts';
import type { RecordWay } from '@yellowwood/core';
import { factsOfPerson } from '../generated/people/read-person.queries';
import { Context, today } from '../platform/context';
import { problem } from '../platform/problem';

/** The facts about one person, as they hold today where one is. @throws the problem `person-unknown` */
export async function readPerson(context: Context, person: string): Promise<PersonFacts> {
  const [row] = await factsOfPerson.run({ person, on: today(context) }, context.tx);
  if (!row) throw problem('person-unknown');
  const { ways, dayMaximum, weekMaximum, hours, dayStart, dayEnd, plannedFrom, kind, ...facts } = row;
  return {
    ...facts,
    kind: kind as PersonFacts['kind'],
    recording: { ways: ways as RecordWay[] | null, dayMaximum, weekMaximum },
    planned: hours && { hours: hours.map(Number), dayStart: dayStart!, dayEnd: dayEnd!, from: String(plannedFrom) },
  };
}
