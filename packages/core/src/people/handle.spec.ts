import { isNumber, readHandle } from './handle';

describe('what somebody signs in with', () => {
  const read = (text: string) => {
    const found = readHandle(text);
    return found.ok ? found.value : found.error.code;
  };

  it('is an address in small letters, or a number with its country (ITU-T E.164: at most fifteen digits, no leading zero)', () => {
    expect(read('  Wren@Firm.example ')).toBe('wren@firm.example');
    for (const text of ['+44 7700 900123', '0044 7700-900123', '+44 (7700) 900.123']) expect(read(text)).toBe('+447700900123');
    expect([read('+123456789012345'), read('+1234567')]).toEqual(['+123456789012345', '+1234567']);
    for (const text of ['', 'wren', '07700 900123', '+1234567890123456', '+123456', '+0447700900', '+44x7700900123', 'a b@c'])
      expect(read(text)).withContext(text).toBe('handle-unreadable');
    expect([isNumber('+447700900123'), isNumber('a+b@c.example')]).toEqual([true, false]);
  });
});
