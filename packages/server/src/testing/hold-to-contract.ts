import { Endpoint, Problem, endpoints, isProblem, problemsOf } from '@yellowwood/contracts';
import { Ajv2020, ValidateFunction } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';

const ajv = new Ajv2020({ allErrors: false, strict: true, strictTypes: false });
(addFormats as unknown as (target: Ajv2020, names: string[]) => void)(ajv, ['uuid', 'date', 'date-time']);

interface Held {
  readonly endpoint: Endpoint;
  readonly path: RegExp;
  readonly answer: ValidateFunction;
}

const held: readonly Held[] = (Object.values(endpoints) as unknown as Endpoint[]).map((endpoint) => ({
  endpoint,
  path: new RegExp(`^/api${endpoint.path.replace(/:\w+/g, '[^/?]+')}(\\?|$)`),
  answer: ajv.compile(endpoint.answer),
}));

/**
 * Holds an answer to its contract: a success must fit the schema to the letter, a refusal must be a problem
 * that the endpoint declares, and nothing may be a fault of ours.
 * @throws Error when it does not
 */
export function holdToContract(method: string, url: string, status: number, body: unknown): void {
  if (status >= 500 && (body as Problem | null)?.code !== 'not-ready')
    throw new Error(`${method} ${url} answered ${status}: ${JSON.stringify(body)}`);
  const found = held.find((one) => one.endpoint.method === method && one.path.test(url));
  if (!found) return;
  const { endpoint, answer } = found;
  if (status === 200) {
    if (!endpoint.media && !answer(body))
      throw new Error(
        `${endpoint.name} breaks its contract: ${ajv.errorsText(answer.errors)} in ${JSON.stringify(body).slice(0, 2000)}`,
      );
    return;
  }
  if (!isProblem(body)) throw new Error(`${endpoint.name} refuses without a problem: ${status} ${JSON.stringify(body)}`);
  if (!problemsOf(endpoint).includes(body.code as never))
    throw new Error(`${endpoint.name} answers a problem that it does not declare: ${body.code}`);
}
