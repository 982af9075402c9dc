import { useEffect, useState } from 'react';
import { toString as qr } from 'qrcode';
import type { Schemas } from '../lib/api';
import { useNotices } from '../ui/Notices';

/** The address that leads straight to a service, to copy or to print as a QR code. */
export function ServiceLink({ service, link }: { service: Pick<Schemas['ServiceRow'], 'name'>; link: string }) {
  const [code, setCode] = useState('');
  const notices = useNotices();
  useEffect(() => {
    void qr(link, { type: 'svg', margin: 1 }).then((svg) =>
      setCode(`data:image/svg+xml;utf8,${encodeURIComponent(svg)}`),
    );
  }, [link]);
  const copy = async () => {
    await navigator.clipboard.writeText(link);
    notices.say('The link is copied.');
  };
  return (
    <div className="service-link">
      {code !== '' && <img src={code} alt={`QR code of the link to ${service.name}`} width={132} height={132} />}
      <div className="grid gap-2">
        <a href={link}>{link}</a>
        <p className="flex flex-wrap gap-2">
          <button type="button" className="button button-small" onClick={() => void copy()}>
            Copy the link
          </button>
          <a className="button button-small" href={code} download={`${service.name}.svg`}>
            Save the QR code
          </a>
        </p>
      </div>
    </div>
  );
}
