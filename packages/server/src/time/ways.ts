import { RecordWay } from '@yellowwood/core';
import { Context, recordingOf } from '../platform/context';
import { problem } from '../platform/problem';

const WORDS: Readonly<Record<RecordWay, string>> = { timer: 'by timer', length: 'as a length', span: 'from start to end' };

/** Refuses a way in which one does not record one's own time. @throws the problem `way-not-open` with those that are */
export function refuseWay({ firm, actor }: Context, way: RecordWay): void {
  const { ways } = recordingOf(firm, actor.recording);
  if (!ways.includes(way)) throw problem('way-not-open', { ways: ways.map((one) => WORDS[one]).join(' or ') });
}
