import { Check } from '../ui/Check';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/gate';

type Props = { text: string; agreed: boolean; wrong: string | undefined; onAgreed: (agreed: boolean) => void };

/** What the business asks one to agree to, in its own words. */
export function Consent({ text, agreed, wrong, onAgreed }: Props) {
  return (
    <div className="grid gap-1">
      <p className="text-soft whitespace-pre-line">{text}</p>
      <Check id="agreed" checked={agreed} onChange={onAgreed}>
        {say.iAgree}
      </Check>
      {wrong !== undefined && (
        <Wrong as="p" role="alert">
          {wrong}
        </Wrong>
      )}
    </div>
  );
}
