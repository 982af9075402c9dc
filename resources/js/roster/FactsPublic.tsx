import { WeekRuler } from '../hours/WeekRuler';
import type { Schemas } from '../lib/api';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import type { FactsProps } from './facts';

/** Hours that stand on the page where they are others than those in which one can be booked. */
export function FactsPublic({ content, set, wrong, opening }: FactsProps & { opening: Schemas['WeeklyTable'] }) {
  return (
    <Fold
      id="fold-public"
      title="Hours shown on the page"
      says={content.publicHours === null ? 'the opening hours' : 'others than the opening hours'}
      wrong={wrong['publicHours'] !== undefined}
    >
      <Check checked={content.publicHours !== null} onChange={(own) => set({ publicHours: own ? opening : null })}>
        Show other hours than those in which you can be booked
      </Check>
      {content.publicHours !== null && (
        <WeekRuler
          id="public"
          table={content.publicHours}
          onChange={(publicHours) => set({ publicHours })}
          empty="closed"
          wrong={wrong['publicHours']}
        />
      )}
    </Fold>
  );
}
