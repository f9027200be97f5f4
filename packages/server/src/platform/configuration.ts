/** What the server is told by its environment. Secrets come from nowhere else. */
export interface Configuration {
  readonly port: number;
  readonly databaseUrl: string;
  readonly sessionSecret: string;
  /** Whether strangers may make accounts and found firms. */
  readonly signUp: boolean;
  /** Lists the demo firm's sign-ins on the sign-in page. */
  readonly demo: boolean;
  /** Folder of the built page; none in tests that only talk to the API. */
  readonly webRoot: string | null;
  /** Instant that the clock starts from, for tests and demos; else the machine's time. */
  readonly clockStart: string | null;
  readonly logLevel: string;
  /** Sign-ins of one account from one address that may fail before waiting begins. */
  readonly signInTries: number;
  /** Cookies only over TLS; off on loopback. */
  readonly secureCookies: boolean;
  /**
   * Which proxies in front of the server are believed when they say how a request reached them: addresses,
   * subnets, or `loopback`, apart by commas. None unless set.
   */
  readonly trustProxy: string | null;
  /** Address of the page that shows what the mail catcher has caught; none where messages go to people. */
  readonly mailPage: string | null;
  /** Whether text messages are sent, or told on the terminal. */
  readonly texts: boolean;
}

/** What the worker is told by its environment. */
export interface WorkConfiguration {
  readonly databaseUrl: string;
  readonly clockStart: string | null;
  /** The mail server; null where messages are told on the terminal. */
  readonly smtpUrl: string | null;
  readonly mailFrom: string;
  /** The domain of a gateway that takes mail to `number@domain` and sends it on as a text message; null for none. */
  readonly textGateway: string | null;
  /** Where the page is, as its readers reach it. */
  readonly site: string;
}

function needed(name: string): string {
  const value = process.env[name];
  if (!value) throw new Error(`The environment variable ${name} is missing; \`npm start\` sets it.`);
  return value;
}

/** Reads the configuration. @throws Error naming the variable that is missing */
export function readConfiguration(): Configuration {
  return {
    port: Number(process.env['PORT'] ?? 4170),
    databaseUrl: needed('DATABASE_URL'),
    sessionSecret: needed('SESSION_SECRET'),
    demo: process.env['YELLOWWOOD_DEMO'] !== 'off',
    signUp: process.env['YELLOWWOOD_SIGN_UP'] !== 'off',
    webRoot: process.env['WEB_ROOT'] ?? null,
    clockStart: process.env['YELLOWWOOD_CLOCK'] ?? null,
    logLevel: process.env['LOG_LEVEL'] ?? 'info',
    signInTries: Number(process.env['SIGN_IN_TRIES'] ?? 5),
    secureCookies: (process.env['SECURE_COOKIES'] ?? (process.env['TRUST_PROXY'] ? 'on' : 'off')) === 'on',
    trustProxy: process.env['TRUST_PROXY'] ?? null,
    mailPage: process.env['MAIL_PAGE'] ?? null,
    texts: process.env['TEXT_GATEWAY'] !== undefined || process.env['SMTP_URL'] === undefined,
  };
}

/** Reads the configuration of the worker. @throws Error naming the variable that is missing */
export function readWorkConfiguration(): WorkConfiguration {
  return {
    databaseUrl: needed('DATABASE_URL'),
    clockStart: process.env['YELLOWWOOD_CLOCK'] ?? null,
    smtpUrl: process.env['SMTP_URL'] ?? null,
    textGateway: process.env['TEXT_GATEWAY'] ?? null,
    mailFrom: process.env['MAIL_FROM'] ?? 'Yellowwood <yellowwood@yellowwood.example>',
    site: (process.env['SITE_URL'] ?? `http://127.0.0.1:${process.env['PORT'] ?? 4170}`).replace(/\/+$/, ''),
  };
}
