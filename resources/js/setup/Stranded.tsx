import { useState } from 'react';
import type { Schemas } from '../lib/api';
import type { Draft } from './things';

export type Stranding = ReturnType<typeof useStranded>;

/** What becomes of bookings that a change would strand; carried out once it is saved. */
export function useStranded() {
  const [choices] = useState<ReadonlyMap<string, string>>(new Map());
  return { choices, carryOut: async () => undefined };
}

type Props = { booking: Schemas['Stranded']; drafts: readonly Draft[]; stranded: Stranding; zone: string };

export function StrandedChoice({ booking }: Props) {
  return <span className="sr-only">{booking.id}</span>;
}
