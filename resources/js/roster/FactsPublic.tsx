import { WeekRuler } from '../hours/WeekRuler';
import type { Schemas } from '../lib/api';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import type { FactsProps } from './facts';
import * as say from '@words/roster';

/** Hours that stand on the page where they are others than those in which one can be booked. */
export function FactsPublic({ content, set, wrong, opening }: FactsProps & { opening: Schemas['WeeklyTable'] }) {
  return (
    <Fold
      id="fold-public"
      title={say.hoursShownOnPage}
      says={content.publicHours === null ? say.theOpeningHours : say.othersThanOpeningHours}
      wrong={wrong['publicHours'] !== undefined}
    >
      <Check checked={content.publicHours !== null} onChange={(own) => set({ publicHours: own ? opening : null })}>
        {say.showOtherHoursThan}
      </Check>
      {content.publicHours !== null && (
        <WeekRuler
          id="public"
          table={content.publicHours}
          onChange={(publicHours) => set({ publicHours })}
          empty={say.closed}
          wrong={wrong['publicHours']}
        />
      )}
    </Fold>
  );
}
