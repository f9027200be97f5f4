import { Result, fail, ok } from '../firm/result';

/**
 * Reads what somebody signs in with: an e-mail address, in small letters, or a telephone number with its country as
 * ITU-T E.164 writes it: `+44 7700 900123` and `0044 7700 900123` are `+447700900123`.
 */
export function readHandle(typed: string): Result<string, 'handle-unreadable'> {
  const text = typed.trim();
  if (text.includes('@')) return /^[^\s@]+@[^\s@]+$/.test(text) ? ok(text.toLowerCase()) : fail('handle-unreadable');
  const number = text.replace(/[\s().-]/g, '').replace(/^00/, '+');
  return /^\+[1-9]\d{6,14}$/.test(number) ? ok(number) : fail('handle-unreadable');
}

/** Whether what somebody signs in with is a telephone number. */
export function isNumber(handle: string): boolean {
  return handle.startsWith('+');
}
