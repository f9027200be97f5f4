/**
 * Writes what is generated from the contracts: the page's checks as standalone code (no eval), the
 * table of endpoints that its client needs, and the OpenAPI description in docs/.
 * Usage: generate.ts <folder of the web client's generated files> <file of the OpenAPI description>
 */
import { mkdirSync, writeFileSync } from 'node:fs';
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
const code = (standaloneCode as unknown as (target: Ajv2020, names: Record<string, string>) => string)(
  ajv,
  Object.fromEntries(withBody.map(({ name }) => [name, name])),
);
mkdirSync(webFolder, { recursive: true });
const bundled = await build({
  stdin: { contents: code, resolveDir: path.resolve('packages/contracts'), loader: 'js' },
  bundle: true,
  format: 'esm',
  write: false,
  minifySyntax: true,
  target: 'es2022',
});
writeFileSync(path.join(webFolder, 'checks.js'), bundled.outputFiles[0]!.text);
writeFileSync(
  path.join(webFolder, 'checks.d.ts'),
  `export interface CheckError { readonly instancePath: string; readonly message?: string }\nexport interface Check { (value: unknown): boolean; errors?: readonly CheckError[] | null }\n${withBody.map(({ name }) => `export const ${name}: Check;`).join('\n')}\n`,
);
writeFileSync(
  path.join(webFolder, 'endpoints.ts'),
  `/** Where each endpoint is and how it is protected; generated from the contracts. */\nexport const addresses = {\n${all.map(({ name, method, path: where, kind }) => `  ${name}: { method: '${method}', path: '${where}', kind: '${kind}' },`).join('\n')}\n} as const;\n`,
);
mkdirSync(path.dirname(apiFile), { recursive: true });
writeFileSync(apiFile, `${JSON.stringify(apiDescription('0.1.0'), null, 2)}\n`);
