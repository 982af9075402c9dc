import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Notice } from '../ui/Notice';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { Missing } from '../setup/Missing';
import { useSetup } from '../setup/useSetup';
import { me } from '../lib/queries';
import { Trouble } from '../ui/Trouble';
import { FactsForm } from './FactsForm';
import * as say from '@words/roster';

/** Whether the page is shown to the world, what is still missing, and the facts on it. */
export function GateRoom({ me: signedIn }: { me: Schemas['Me'] }) {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetchingPage}
      </p>
    );
  }
  return (
    <main className="room">
      <header className="room-head">
        <h1>{say.gate}</h1>
      </header>
      <FactsForm mayChange={may('change-setup')}>
        <section className="grid gap-3 rounded-2xl border border-line bg-paper p-5">
          <h2 className="text-2xl">{data.published ? say.pageTakesBookings : say.pageNotShownYet}</h2>
          {data.published && (
            <p>
              <a href={data.link} id="page-link" className="font-semibold">
                {data.link}
              </a>
            </p>
          )}
          {signedIn.user?.verified === false && <Unverified email={signedIn.user.email} />}
          {may('publish') && <Publish published={data.published} business={business} />}
        </section>
        {may('change-setup') && <Missing business={business} missing={data.missing} />}
      </FactsForm>
    </main>
  );
}

function Unverified({ email }: { email: string }) {
  const queries = useQueryClient();
  useQuery({ ...me, refetchInterval: 4_000, staleTime: 0 }); // ms: the link may be opened in another tab
  const [sent, setSent] = useState(false);
  const resend = async () => {
    await api.POST('/api/verify/resend');
    setSent(true);
    await queries.invalidateQueries({ queryKey: ['me'] });
  };
  return (
    <Notice as="div" className="grid gap-2">
      <p>{say.weHaveSentLink({ email })}</p>
      <p>
        <Button small onClick={() => void resend()}>
          {sent ? say.sentAgain : say.sendAgain}
        </Button>
      </p>
    </Notice>
  );
}

function Publish({ published, business }: { published: boolean; business: string }) {
  const queries = useQueryClient();
  const [refused, setRefused] = useState<string | null>(null);
  const put = async (to: boolean) => {
    try {
      await unwrap(
        api.PUT('/api/businesses/{business}/published', { params: { path: { business } }, body: { published: to } }),
      );
      setRefused(null);
      await queries.invalidateQueries({ queryKey: ['setup'] });
      await queries.invalidateQueries({ queryKey: ['me'] });
    } catch (wrong) {
      setRefused(refusalOf(wrong).message);
    }
  };
  return (
    <>
      {refused !== null && <Trouble>{refused}</Trouble>}
      <p>
        {published ? (
          <Button onClick={() => void put(false)}>{say.takePageDown}</Button>
        ) : (
          <Button id="publish" kind="next" onClick={() => void put(true)}>
            {say.publishPage}
          </Button>
        )}
      </p>
    </>
  );
}
