import type { InvoiceDocument } from '@yellowwood/contracts';
import { Piscina } from 'piscina';

// A document of two thousand lines takes seconds of pure computation: in a thread of its own it stops
// nobody else's request. The thread goes when nothing is to be rendered.
let threads: Piscina | undefined;

function pool(): Piscina {
  threads ??= new Piscina({
    filename: new URL(import.meta.url.endsWith('.ts') ? './pdf-worker.ts' : './pdf-worker.mjs', import.meta.url).href,
    execArgv: import.meta.url.endsWith('.ts') ? ['--import', 'tsx'] : [],
    maxThreads: 2,
    minThreads: 0,
    idleTimeout: 30_000,
  });
  return threads;
}

/**
 * Renders a document in a worker thread.
 * @param logo its picture, PNG
 * @returns the bytes of the PDF
 */
export async function renderInThread(document: InvoiceDocument, logo?: Uint8Array): Promise<Buffer> {
  return Buffer.from((await pool().run({ document, logo })) as Uint8Array);
}
