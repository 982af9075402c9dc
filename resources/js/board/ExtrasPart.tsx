import { money, shortDuration } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { SmallNumber } from '../ui/SmallNumber';
import type { Desk, DeskDraft } from './useDesk';
import * as say from '@words/board';

type Props = { desk: Desk; draft: DeskDraft; currency: string };

/** Add-ons of one kind. */
const MOST = 20;

/** What goes with it: add-ons, and an offer code. */
export function ExtrasPart({ desk, draft, currency }: Props) {
  const { data } = useSetup();
  const addOns = (data?.addOns ?? []).filter((one) => one.services?.includes(draft.service) ?? true);
  const put = (id: string, quantity: number) =>
    desk.set({
      addOns: Object.fromEntries(
        [...Object.entries(draft.addOns).filter(([other]) => other !== id), [id, quantity] as const].filter(
          ([, many]) => many > 0,
        ),
      ),
    });
  const wrong = desk.wrong['codes'];
  return (
    <details className="text-sm" open={wrong === undefined ? undefined : true}>
      <summary className="font-semibold">{say.addOnsAndCode}</summary>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1 pt-1">
        {addOns.map((one) => (
          <span key={one.id} className="flex items-center gap-2">
            <Check id={`extra-${one.id}`} checked={one.id in draft.addOns} onChange={(on) => put(one.id, on ? 1 : 0)}>
              {[one.name, money(one.price, currency), one.minutes === 0 ? '' : shortDuration(one.minutes)]
                .filter((part) => part !== '')
                .join(', ')}
            </Check>
            {one.id in draft.addOns && (
              <SmallNumber
                id={`many-${one.id}`}
                min={1}
                max={MOST}
                value={draft.addOns[one.id] ?? 1}
                onValue={(many) => put(one.id, many)}
              />
            )}
          </span>
        ))}
        <label className="flex items-center gap-1.5">
          {say.offerCode}
          <input
            id="desk-code"
            size={10}
            className={inputLook('small')}
            autoComplete="off"
            maxLength={60}
            aria-invalid={wrong !== undefined}
            value={draft.code}
            onChange={(event) => desk.set({ code: event.target.value })}
          />
        </label>
        {wrong !== undefined && (
          <Wrong as="span" role="alert">
            {wrong}
          </Wrong>
        )}
      </div>
    </details>
  );
}
