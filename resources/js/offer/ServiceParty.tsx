import { Choice } from '../ui/Choice';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import { first, type PartProps } from './service';

/** What choosing each means for the service. */
const COMPANY = {
  private: { kind: 'appointment', places: 1 },
  shared: { kind: 'appointment', places: 8 },
  session: { kind: 'session' },
} as const;

/** Whether one comes alone, joins others, or comes to a session. */
export function ServiceParty({ content, set, wrong }: PartProps) {
  const company = content.kind === 'session' ? 'session' : content.places === 1 ? 'private' : 'shared';
  return (
    <Fold
      id="fold-party"
      title="Alone or with others"
      says={
        content.kind === 'session'
          ? 'at sessions you schedule'
          : content.places > 1
            ? `shared, ${content.places} places`
            : 'private'
      }
      wrong={first(wrong, 'places') !== undefined || first(wrong, 'maxParty') !== undefined}
    >
      <Choice
        label="Alone or with others"
        value={company}
        options={[
          ['private', 'private'],
          ['shared', 'shared: others may join', 'kind-shared'],
          ['session', 'sessions, scheduled on the Board', 'kind-session'],
        ]}
        onValue={(next) => set(COMPANY[next])}
      />
      <div className="two">
        {content.kind === 'appointment' && content.places !== 1 && (
          <NumberField
            id="service-places"
            label="Places"
            wrong={wrong['places']}
            value={content.places}
            empty={0}
            onValue={(places) => set({ places })}
          />
        )}
        <NumberField
          id="service-party"
          label="Largest party"
          hint={
            content.kind === 'appointment' && content.places === 1
              ? 'Nothing typed: one person'
              : 'Nothing typed: as many as there are places'
          }
          wrong={wrong['maxParty']}
          value={content.maxParty}
          empty={null}
          onValue={(maxParty) => set({ maxParty })}
        />
      </div>
    </Fold>
  );
}
