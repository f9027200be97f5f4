/**
 * Writes what is generated from the contracts: the page's checks as standalone code (no eval), the
 * table of endpoints that its client needs, and the OpenAPI description in docs/.
 * Usage: generate.ts <folder of the web client's generated files> <file of the OpenAPI description>
 */
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import standaloneCode from 'ajv/dist/standalone/index.js';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { build } from 'esbuild';
import { apiDescription } from './api-description';
import { endpoints } from './endpoints';
import { Endpoint } from './platform/endpoint';
import { Nothing } from './platform/fields';

const [webFolder, apiFile] = process.argv.slice(2) as [string, string];
const all = Object.values(endpoints) as unknown as Endpoint[];

const ajv = new Ajv2020({ code: { source: true, esm: true }, strict: true, strictTypes: false, allErrors: false });
// By shape alone: whether a date is one of the calendar, the server says.
ajv.addFormat('uuid', /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/);
ajv.addFormat('date', /^\d{4}-\d{2}-\d{2}$/);
ajv.addFormat('date-time', /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(?:\.\d+)?Z$/);
const withBody = all.filter((endpoint) => endpoint.body !== Nothing);
// Copies: a schema that two endpoints share would be written twice under one name.
for (const { body, name } of withBody)
  ajv.addSchema(
    JSON.parse(
      JSON.stringify(body, (key, value: unknown) => (key === 'description' && typeof value === 'string' ? undefined : value)),
    ) as object,
    name,
  );
const domains = [...new Set(withBody.map((endpoint) => endpoint.domain))];
const DO_NOT_EDIT = 'generated from the contracts';

/** The checks of one domain: the page loads those that it needs. */
async function checksOf(domain: string): Promise<string> {
  const names = withBody.filter((endpoint) => endpoint.domain === domain).map(({ name }) => [name, name]);
  const code = (standaloneCode as unknown as (target: Ajv2020, names: Record<string, string>) => string)(
    ajv,
    Object.fromEntries(names) as Record<string, string>,
  );
  const bundled = await build({
    stdin: { contents: code, resolveDir: path.resolve('packages/contracts'), loader: 'js' },
    bundle: true,
    format: 'esm',
    write: false,
    minifySyntax: true,
    target: 'es2022',
  });
  return bundled.outputFiles[0]!.text;
}

rmSync(webFolder, { recursive: true, force: true });
mkdirSync(webFolder, { recursive: true });
for (const domain of domains) {
  const names = withBody.filter((endpoint) => endpoint.domain === domain).map(({ name }) => name);
  writeFileSync(path.join(webFolder, `checks-${domain}.js`), await checksOf(domain));
  writeFileSync(
    path.join(webFolder, `checks-${domain}.d.ts`),
    `import type { Check } from './checks';\n${names.map((name) => `export const ${name}: Check;`).join('\n')}\n`,
  );
}
writeFileSync(
  path.join(webFolder, 'checks.ts'),
  `/** What a body must be, by domain; ${DO_NOT_EDIT}. */
export interface CheckError { readonly instancePath: string; readonly message?: string }
export interface Check { (value: unknown): boolean; errors?: readonly CheckError[] | null }
export const checks: Readonly<Record<string, () => Promise<Readonly<Record<string, Check | undefined>>>>> = {
${domains.map((domain) => `  ${domain}: () => import('./checks-${domain}.js') as never,`).join('\n')}
};
`,
);
const row = ({ name, method, path: where, kind, domain }: Endpoint) =>
  `  ${name}: { method: '${method}', path: '${where}', kind: '${kind}', domain: '${domain}' },`;
writeFileSync(
  path.join(webFolder, 'endpoints.ts'),
  `/** Where each endpoint is and how it is protected; ${DO_NOT_EDIT}. */\nexport const addresses = {\n${all.map(row).join('\n')}\n} as const;\n`,
);
mkdirSync(path.dirname(apiFile), { recursive: true });
writeFileSync(apiFile, `${JSON.stringify(apiDescription('0.1.0'), null, 2)}\n`);
