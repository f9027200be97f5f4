/** What the server is told by its environment. Secrets come from nowhere else. */
export interface Configuration {
  readonly port: number;
  readonly databaseUrl: string;
  readonly sessionSecret: string;
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
    webRoot: process.env['WEB_ROOT'] ?? null,
    clockStart: process.env['YELLOWWOOD_CLOCK'] ?? null,
    logLevel: process.env['LOG_LEVEL'] ?? 'info',
    signInTries: Number(process.env['SIGN_IN_TRIES'] ?? 5),
    secureCookies: (process.env['SECURE_COOKIES'] ?? (process.env['TRUST_PROXY'] ? 'on' : 'off')) === 'on',
    trustProxy: process.env['TRUST_PROXY'] ?? null,
  };
}
