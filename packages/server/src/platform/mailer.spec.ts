import { Letter, smtpMailer, tellingMailer } from './mailer';

const LETTER: Letter = {
  subject: 'Join',
  short: 'Join: https://time.firm.example/join#x',
  text: 'Hello,\n\nJoin',
  html: '<p>Join</p>',
};

describe('a text message', () => {
  it('is tried again where no gateway takes it, and goes nowhere as mail', async () => {
    // A port that nothing listens on: it is not even asked.
    const mailer = smtpMailer('smtp://127.0.0.1:1', 'Yellowwood <post@yellowwood.example>', null);
    await expectAsync(mailer.send('+447700900123', 'a', LETTER)).toBeRejectedWithError(/no TEXT_GATEWAY is set/);
  });

  it('is told on the terminal in its short form, where there is no mail server', async () => {
    const told: string[] = [];
    const mailer = tellingMailer((text) => told.push(text));
    await mailer.send('+447700900123', 'a', LETTER);
    await mailer.send('pip@firm.example', 'a', LETTER);
    expect(told).toEqual([
      'No TEXT_GATEWAY is set, so this text message to +447700900123 was not sent:\n  Join: https://time.firm.example/join#x',
      jasmine.stringMatching(/SMTP_URL.*pip@firm\.example/s) as never,
    ]);
  });
});
