import { useNavigate } from 'react-router';
import { stillHere } from '../lib/stillHere';
import { Button } from '../ui/Button';
import { History } from './History';
import { Meanwhile } from './Meanwhile';
import { SaveBar } from './SaveBar';
import { useSetup } from './useSetup';
import type { Editing } from './useThing';
import * as say from '@words/setup';

type Props<C extends object> = {
  editing: Editing<C>;
  /** What the thing is called; `unnamed` while it has no name. */
  name: string;
  unnamed: string;
  isNew: boolean;
  names: ReadonlyMap<string, string>;
  onSave: () => void;
  /** The list it stands on, where one goes once it is removed. */
  list: string;
};

/** What every page of a thing ends with: removing it, what others changed meanwhile, its history, saving. */
export function ThingFoot<C extends object>({ editing, name, unnamed, isNew, names, onSave, list }: Props<C>) {
  const navigate = useNavigate();
  const { data, may } = useSetup();
  const remove = async () => {
    const isStillHere = stillHere();
    if ((await editing.remove(say.removed({ name }))) && isStillHere()) {
      await navigate(list);
    }
  };
  return (
    <>
      {may('change-setup') && !isNew && (
        <p>
          <Button kind="trouble" small onClick={() => void remove()}>
            {say.removeOne({ name })}
          </Button>
        </p>
      )}
      <Meanwhile editing={editing} names={names} />
      <History history={editing.history} zone={data?.timeZone ?? 'UTC'} names={names} />
      <SaveBar editing={editing} what={name === '' ? unnamed : name} isNew={isNew} onSave={onSave} />
    </>
  );
}
