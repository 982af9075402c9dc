import { duration } from '../lib/format';
import { ungrouped } from './choices';
import { SentenceChoice } from './SentenceChoice';
import type { Service } from './types';
import * as say from '@words/gate';

type Props = {
  service: Service;
  minutes: number | null;
  /** With what was added, where that lengthens it. */
  lasts?: number | undefined;
  onMinutes: (minutes: number) => void;
};

/** How long: a choice where there is one. */
export function LengthChoice({ service, minutes, lasts, onMinutes }: Props) {
  const chosen = minutes ?? service.lengths[0] ?? service.minutes;
  return service.lengths.length > 1 ? (
    <SentenceChoice
      label={say.forHowLong}
      value={String(chosen)}
      onChange={(value) => onMinutes(Number(value))}
      shown={duration(lasts ?? chosen)}
      groups={ungrouped(service.lengths.map((one) => ({ value: String(one), name: duration(one) })))}
    />
  ) : (
    duration(lasts ?? chosen)
  );
}
