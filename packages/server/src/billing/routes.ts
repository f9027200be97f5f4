import { endpoints } from '@yellowwood/contracts';
import { enterFirm } from '../platform/context';
import { WRITE, transaction } from '../platform/database';
import { Platform, mount } from '../platform/mount';
import { problem } from '../platform/problem';
import { listToBill, listUnpriced, readBillDesk } from './bill-desk';
import { createDraft, discardDraft, previewInvoice } from './draft-invoice';
import { creditInvoice, markSent, voidInvoice } from './end-invoice';
import { holdEntries } from './hold-entries';
import { invoicePdf } from './invoice-pdf';
import { issueInvoice } from './issue-invoice';
import { priceEntry } from './price-entry';
import { readEntryWhy } from './read-entry-why';
import { listInvoices, readInvoice } from './read-invoices';
import { recordPayment, reversePayment } from './settle-invoice';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** Pricing, billing and collecting. */
export function billingRoutes(platform: Platform): void {
  mount(platform, endpoints.readEntryWhy, (context, { params }) => readEntryWhy(context, params.id));
  mount(platform, endpoints.priceEntry, (context, { params, body, version }) =>
    priceEntry(context, params.id, version, body.rate, body.reason),
  );
  mount(platform, endpoints.listToBill, (context, { query }) => listToBill(context, query.scope, query.upTo));
  mount(platform, endpoints.listUnpriced, (context, { query }) => listUnpriced(context, query.scope));
  mount(platform, endpoints.readBillDesk, (context, { query }) => readBillDesk(context, query.scope, query.upTo));
  mount(platform, endpoints.holdEntries, (context, { body }) => holdEntries(context, body.entries, body.reason));
  mount(platform, endpoints.releaseEntries, (context, { body }) => holdEntries(context, body.entries, null));
  mount(platform, endpoints.previewInvoice, (context, { body }) => previewInvoice(context, body));
  mount(platform, endpoints.createDraft, (context, { body }) => createDraft(context, body.id, body.wish));
  mount(platform, endpoints.discardDraft, (context, { params, version }) =>
    discardDraft(context, params.id, version).then(() => null),
  );
  // Rendering takes longer than all the rest and needs the snapshot alone: the series and its next number
  // are not kept waiting for it. Where it could not be done, opening the document does it.
  mount(
    platform,
    endpoints.issueInvoice,
    (context, { params, body }) => issueInvoice(context, params.id, body.gross, body.version),
    (context, { params }) => invoicePdf(context, params.id),
  );
  mount(platform, endpoints.listInvoices, (context, { query }) => listInvoices(context, query.show, query.scope, query.cursor));
  mount(platform, endpoints.readInvoice, (context, { params }) => readInvoice(context, params.id));
  mount(platform, endpoints.markSent, (context, { params }) => markSent(context, params.id));
  mount(platform, endpoints.voidInvoice, (context, { params, body }) => voidInvoice(context, params.id, body.reason));
  mount(platform, endpoints.creditInvoice, (context, { params, body }) =>
    creditInvoice(context, params.id, body.id, body.reason),
  );
  mount(platform, endpoints.recordPayment, (context, { body }) => recordPayment(context, body));
  mount(platform, endpoints.reversePayment, (context, { params, body }) =>
    reversePayment(context, params.id, body.reason).then(() => null),
  );

  // The one answer that is not JSON: the document itself, rendered when it is first opened.
  platform.app.get('/api/f/:firm/invoices/:id/pdf', async (request, response, next) => {
    try {
      const accountId = request.session.accountId;
      if (!accountId) throw problem('not-signed-in');
      const { firm, id } = request.params;
      if (!UUID.test(id)) throw problem('request-invalid', {}, { fields: [{ path: '/path/id', message: 'must be a UUID' }] });
      const pdf = await transaction(platform.database, WRITE, async (tx) =>
        invoicePdf(
          await enterFirm(tx, firm, accountId, { now: platform.clock.now(), requestId: request.requestId, source: 'web' }),
          id,
        ),
      );
      response
        .type('application/pdf')
        .set('Content-Disposition', `inline; filename="${pdf.fileName}"`)
        .set('Cache-Control', 'private, no-cache')
        .send(pdf.bytes);
    } catch (error) {
      next(error);
    }
  });
}
