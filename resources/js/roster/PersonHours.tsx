import { WeekRuler } from '../hours/WeekRuler';
import type { Schemas } from '../lib/api';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Fold } from '../ui/Fold';
import type { PartProps } from './person';
import * as say from '@words/roster';

type Props = PartProps & { data: Schemas['Setup']; hoursOnly: boolean };

/** When somebody works, and when they rest within that. */
export function PersonHours({ content, set, wrong, disabled, data, hoursOnly }: Props) {
  return (
    <>
      <Fold
        id="fold-hours"
        title={say.hoursTitle}
        says={content.hours === null ? say.asBusiness : say.theirOwn}
        open={content.hours !== null || hoursOnly}
        wrong={wrong['hours'] !== undefined}
      >
        <fieldset disabled={disabled} className="contents">
          <Choice
            label={say.whoseHours}
            value={content.hours === null ? 'business' : 'own'}
            options={[
              ['business', say.asBusiness],
              ['own', say.theirOwn, 'own-hours'],
            ]}
            onValue={(whose) => set({ hours: whose === 'own' ? data.openingHours : null })}
          />
          {content.hours !== null && (
            <WeekRuler
              id="own"
              table={content.hours}
              onChange={(hours) => set({ hours })}
              empty={say.off}
              within={data.openingHours}
              places={data.locations}
              wrong={wrong['hours']}
            />
          )}
        </fieldset>
      </Fold>
      <Fold
        id="fold-breaks"
        title={say.breaks}
        says={content.breaks === null ? say.none : say.breaksSet}
        wrong={wrong['breaks'] !== undefined}
      >
        <fieldset disabled={disabled} className="contents">
          <Check checked={content.breaks !== null} onChange={(has) => set({ breaks: has ? {} : null })}>
            {say.nobodyBookedInBreak}
          </Check>
          {content.breaks !== null && (
            <WeekRuler
              id="breaks"
              table={content.breaks}
              onChange={(breaks) => set({ breaks })}
              empty={say.none}
              wrong={wrong['breaks']}
            />
          )}
        </fieldset>
      </Fold>
    </>
  );
}
