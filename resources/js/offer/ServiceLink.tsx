import { useEffect, useState } from 'react';
import { toString as qr } from 'qrcode';
import { Button, buttonLook } from '../ui/Button';
import type { Schemas } from '../lib/api';
import { useNotices } from '../ui/Notices';
import * as say from '@words/offer';
import './ServiceLink.css';

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
    notices.say(say.linkCopied);
  };
  return (
    <div className="service-link">
      {code !== '' && <img src={code} alt={say.qrCodeLinkTo({ name: service.name })} width={132} height={132} />}
      <div className="grid gap-2">
        <a href={link}>{link}</a>
        <p className="flex flex-wrap gap-2">
          <Button small onClick={() => void copy()}>
            {say.copyLink}
          </Button>
          <a className={buttonLook({ small: true })} href={code} download={`${service.name}.svg`}>
            {say.saveQrCode}
          </a>
        </p>
      </div>
    </div>
  );
}
