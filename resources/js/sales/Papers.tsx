import { useState } from 'react';
import { api, type Schemas } from '../lib/api';
import { money } from '../lib/format';
import { Alert } from '../ui/Alert';
import { Button, buttonLook } from '../ui/Button';
import { noticeLook } from '../ui/Notice';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; mayChange: boolean };

/** Receipt, invoice, credit notes: to print, to keep, to mail. */
export function Papers({ business, sale, mayChange }: Props) {
  const { act, busy, trouble } = useSaleAct(business, sale.id);
  const [sent, setSent] = useState(false);
  const [credits, setCredits] = useState<string | null>(null);
  const path = { business, id: sale.id };
  const mail = async (what: 'receipt' | 'invoice' | 'pay_link') => {
    setSent(false);
    const params = { path };
    setSent(await act(api.POST('/api/businesses/{business}/sales/{id}/letters', { params, body: { what } })));
  };
  const invoice = sale.documents.find((document) => document.stands);
  const letters = [
    ...(sale.due > 0 && sale.bookings.length > 0 ? ([['pay_link', say.mailPayLink]] as const) : []),
    ...(sale.payments.length > 0 ? ([['receipt', say.mailReceipt]] as const) : []),
    ...(invoice === undefined ? [] : ([['invoice', say.mailInvoice]] as const)),
  ];
  return (
    <div className="grid gap-2">
      <p className="flex flex-wrap items-center gap-2">
        <a className={buttonLook({ small: true })} href={`/api/businesses/${business}/sales/${sale.id}/receipt`}>
          {say.receipt}
        </a>
        {mayChange &&
          sale.email !== '' &&
          letters.map(([what, words]) => (
            <Button key={what} id={`mail-${what}`} small disabled={busy} onClick={() => void mail(what)}>
              {words}
            </Button>
          ))}
      </p>
      {sent && <p role="status">{say.mailed({ email: sale.email })}</p>}
      <Alert says={trouble} />
      <ul className="grid gap-1">
        {sale.documents.map((document) => (
          <li key={document.id} className="flex flex-wrap items-center gap-3">
            <a href={`/api/businesses/${business}/documents/${document.id}`}>
              {say.number({ kind: document.kind, number: document.number })}
            </a>
            {document.stands && mayChange && (
              <Button
                small
                disabled={busy}
                aria-label={say.takeBackOne({ number: document.number })}
                aria-expanded={credits === document.id}
                onClick={() => setCredits(document.id)}
              >
                {say.takeBackInvoice}
              </Button>
            )}
            {credits === document.id && document.stands && (
              <div className={`${noticeLook('trouble')} grid w-full gap-2`}>
                <p>{say.creditNoteDoes({ number: document.number, amount: money(document.total, sale.currency) })}</p>
                <p className="flex flex-wrap gap-2">
                  <Button
                    id="issue-credit"
                    kind="trouble"
                    small
                    disabled={busy}
                    onClick={() =>
                      void act(
                        api.POST('/api/businesses/{business}/sales/{id}/invoice/{document}/back', {
                          params: { path: { ...path, document: document.id } },
                        }),
                      ).then(() => setCredits(null))
                    }
                  >
                    {say.issueCreditNote}
                  </Button>
                  <Button small onClick={() => setCredits(null)}>
                    {say.leave}
                  </Button>
                </p>
              </div>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
