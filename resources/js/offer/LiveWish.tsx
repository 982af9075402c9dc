import { duration } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { ClockField } from '../ui/ClockField';
import { Columns } from '../ui/Columns';
import { DateField } from '../ui/DateField';
import { Field } from '../ui/Field';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import { mayComeInParties } from './service';
import type { ServiceContent } from './service';
import { LiveClient } from './LiveClient';
import type { Wish } from './useLivePrice';
import * as say from '@words/offer';

type Props = { wish: Wish; set: (changes: Partial<Wish>) => void; content: ServiceContent };

/** When, with whom, how long, for how many, with what: only what this service leaves open. */
export function LiveWish({ wish, set, content }: Props) {
  const { data } = useSetup();
  const people = (data?.staff ?? []).filter((one) => content.staff.includes(one.id));
  const lengths = lengthsOf(content);
  return (
    <>
      <Columns>
        <DateField
          id="live-date"
          label={say.liveDate}
          value={wish.date}
          wrong={undefined}
          onValue={(date) => set({ date })}
        />
        <ClockField
          id="live-time"
          label={say.at}
          value={wish.time}
          wrong={undefined}
          onValue={(time) => set({ time })}
        />
        {people.length > 1 && (
          <Select
            id="live-staff"
            label={say.liveWith}
            value={wish.staff ?? ''}
            options={[['', say.liveAnyone], ...people.map((one) => [one.id, one.name] as const)]}
            onValue={(staff) => set({ staff: staff === '' ? null : staff })}
          />
        )}
        {lengths.length > 1 && (
          <Select
            id="live-length"
            label={say.liveLength}
            value={String(wish.minutes ?? '')}
            options={[['', say.liveOwnLength], ...lengths.map((one) => [String(one), duration(one)] as const)]}
            onValue={(minutes) => set({ minutes: minutes === '' ? null : Number(minutes) })}
          />
        )}
        {mayComeInParties(content) && (
          <NumberField
            id="live-party"
            label={say.liveParty}
            value={wish.party}
            empty={0}
            wrong={undefined}
            onValue={(party) => set({ party })}
          />
        )}
        {content.pricing.frequency.length > 0 && (
          <NumberField
            id="live-visit"
            label={say.liveVisit}
            value={wish.visit}
            empty={0}
            wrong={undefined}
            onValue={(visit) => set({ visit })}
          />
        )}
        <LiveClient wish={wish} set={set} />
        {(data?.offerCodes.length ?? 0) > 0 && (
          <Field
            id="live-code"
            label={say.liveCode}
            value={wish.code}
            wrong={undefined}
            maxLength={60}
            onValue={(code) => set({ code })}
          />
        )}
      </Columns>
      <div className="flex flex-wrap gap-x-5">
        {(data?.addOns ?? []).map((one) => (
          <Check
            key={one.id}
            checked={one.id in wish.addOns}
            onChange={(on) =>
              set({
                addOns: on
                  ? { ...wish.addOns, [one.id]: 1 }
                  : Object.fromEntries(Object.entries(wish.addOns).filter(([id]) => id !== one.id)),
              })
            }
          >
            {one.name}
          </Check>
        ))}
      </div>
    </>
  );
}

function lengthsOf({ kind, choices, range }: ServiceContent): number[] {
  if (kind === 'session') {
    return [];
  }
  return range === null || range.step < 1
    ? choices
    : Array.from(
        { length: Math.min(24, Math.floor((range.max - range.min) / range.step) + 1) },
        (_, i) => range.min + i * range.step,
      );
}
