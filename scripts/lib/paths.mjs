import path from 'node:path';
import { fileURLToPath } from 'node:url';

/** The root of the checkout. */
export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
/** What the application keeps between starts; not in git. */
export const data = path.join(root, '.data');
/** A path below the root. */
export const at = (...parts) => path.join(root, ...parts);
