import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { Button } from '../ui/Button';
import { newId, type Contents } from '../setup/things';
import * as say from '@words/roster';

type Pool = Contents['pool'];
type Props = {
  content: Pool;
  wrong: Readonly<Record<string, string>>;
  onUnits: (units: Pool['units']) => void;
};

/** The units of a pool by name; one that is taken out is gone with what was said of it. */
export function PoolUnits({ content, wrong, onUnits: units }: Props) {
  return (
    <>
      <h3>{say.unitsInOrderThey}</h3>
      <ol className="units">
        {content.units.map((unit, i) => (
          <li key={unit.id}>
            <input
              className={inputLook('small')}
              aria-label={say.nameUnit({ count: i + 1 })}
              value={unit.name}
              maxLength={120}
              aria-invalid={wrong[`units.${i}.name`] !== undefined}
              onChange={(event) =>
                units(content.units.map((one) => (one.id === unit.id ? { ...one, name: event.target.value } : one)))
              }
            />
            <Button
              small
              onClick={() => units(content.units.filter((one) => one.id !== unit.id))}
              aria-label={say.takeOutOne({ name: unit.name })}
            >
              {say.takeOut}
            </Button>
            {wrong[`units.${i}.name`] !== undefined && <Wrong>{wrong[`units.${i}.name`]}</Wrong>}
          </li>
        ))}
      </ol>
      <p>
        <Button
          id="add-unit"
          small
          onClick={() =>
            units([
              ...content.units,
              {
                id: newId(),
                name: [content.name === '' ? say.unit : content.name.replace(/s$/, ''), content.units.length + 1].join(
                  ' ',
                ),
              },
            ])
          }
        >
          {say.addUnit}
        </Button>
      </p>
    </>
  );
}
