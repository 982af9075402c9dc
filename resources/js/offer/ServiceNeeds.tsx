import { Columns } from '../ui/Columns';
import type { Schemas } from '../lib/api';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import { Pick } from '../ui/Pick';
import { first, type PartProps } from './service';
import * as say from '@words/offer';

/** Which resources an appointment takes, and how many of them. */
export function ServiceNeeds({ content, set, wrong, pools }: PartProps & { pools: Schemas['Setup']['pools'] }) {
  const needs = content.resources
    .map((need) => `${need.units} × ${pools.find((pool) => pool.id === need.pool)?.name ?? ''}`)
    .join(', ');
  return (
    <Fold
      id="fold-needs"
      title={say.withWhat}
      says={needs === '' ? say.nothingResources : needs}
      wrong={first(wrong, 'resources') !== undefined}
    >
      <Pick
        legend={say.resourcesNeeds}
        from={pools}
        chosen={content.resources.map((need) => need.pool)}
        onChosen={(chosen) =>
          set({
            resources: chosen.map(
              (pool) =>
                content.resources.find((need) => need.pool === pool) ?? {
                  pool,
                  units: 1,
                  perPerson: false,
                  holdsBuffers: true,
                },
            ),
          })
        }
        wrong={first(wrong, 'resources')}
      />
      {content.resources.map((need, i) => {
        const name = pools.find((pool) => pool.id === need.pool)?.name ?? '';
        const change = (changes: Partial<typeof need>) =>
          set({ resources: content.resources.map((one, at) => (at === i ? { ...one, ...changes } : one)) });
        return (
          <Columns key={need.pool} of={3}>
            <NumberField
              id={`need-${i}`}
              label={say.howMany({ name })}
              wrong={wrong[`resources.${i}.units`]}
              value={need.units}
              empty={0}
              onValue={(units) => change({ units })}
            />
            <Check checked={need.perPerson} onChange={(perPerson) => change({ perPerson })}>
              {say.forEachPerson}
            </Check>
            <Check checked={need.holdsBuffers} onChange={(holdsBuffers) => change({ holdsBuffers })}>
              {say.duringSetUpAnd}
            </Check>
          </Columns>
        );
      })}
    </Fold>
  );
}
