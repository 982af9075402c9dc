import { EffectPanel } from './EffectPanel';
import { StrandedChoice, type Stranding } from './Stranded';
import type { Draft } from './things';

type Props = { business: string; zone: string; drafts: readonly Draft[]; stranded: Stranding; from?: string };

/** What drafts would do, and what becomes of the bookings they would strand. */
export function Effects({ business, zone, drafts, stranded, from }: Props) {
  return (
    <EffectPanel business={business} zone={zone} drafts={drafts} {...(from === undefined ? {} : { from })}>
      {(one) => <StrandedChoice booking={one} drafts={drafts} stranded={stranded} zone={zone} />}
    </EffectPanel>
  );
}
