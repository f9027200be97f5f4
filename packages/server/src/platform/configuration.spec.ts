import { readConfiguration, readWorkConfiguration } from './configuration';

describe('the environment', () => {
  const NAMES = ['DATABASE_URL', 'SESSION_SECRET', 'SMTP_URL', 'TEXT_GATEWAY'];
  const before = Object.fromEntries(NAMES.map((name) => [name, process.env[name]]));
  const put = (values: Readonly<Record<string, string | undefined>>) => {
    for (const [name, value] of Object.entries(values))
      if (value === undefined) delete process.env[name];
      else process.env[name] = value;
  };
  afterEach(() => put(before));

  it('says whether text messages are sent: through a gateway, or told where no mail is sent either', () => {
    const told = (SMTP_URL?: string, TEXT_GATEWAY?: string) => {
      put({ DATABASE_URL: 'postgres://x', SESSION_SECRET: 'x', SMTP_URL, TEXT_GATEWAY });
      return [readConfiguration().texts, readWorkConfiguration().textGateway];
    };
    expect(told()).toEqual([true, null]);
    expect(told('smtp://mail.example')).toEqual([false, null]);
    expect(told('smtp://mail.example', 'text.example')).toEqual([true, 'text.example']);
  });
});
