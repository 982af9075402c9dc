import type { ReactNode } from 'react';
import { Button } from '../ui/Button';
import { History } from './History';
import { Meanwhile } from './Meanwhile';
import { SaveBar } from './SaveBar';
import { namesOf, useSetup } from './useSetup';
import type { Editing } from './useThing';
import * as say from '@words/setup';

type Props<C extends object> = {
  editing: Editing<C>;
  name: string;
  isNew: boolean;
  onDone: () => void;
  children: ReactNode;
};

/** The frame of a thing that is edited in its row: its fields, saving, removing, its history. */
export function RowEditor<C extends object>({ editing, name, isNew, onDone, children }: Props<C>) {
  const { data, may } = useSetup();
  const names = namesOf(data);
  const save = async () => {
    if ((await editing.save(say.saved({ name }))) !== null && isNew) {
      onDone();
    }
  };
  return (
    <div className="grid gap-3">
      <fieldset disabled={!may('change-setup')} className="contents">
        {children}
      </fieldset>
      {!isNew && may('change-setup') && (
        <p>
          <Button
            kind="trouble"
            small
            onClick={() => void editing.remove(say.removed({ name })).then((gone) => gone && onDone())}
            aria-label={say.removeOne({ name })}
          >
            {say.remove}
          </Button>
        </p>
      )}
      <Meanwhile editing={editing} names={names} />
      <History history={editing.history} zone={data?.timeZone ?? 'UTC'} names={names} />
      <SaveBar editing={editing} what={name === '' ? say.it : name} isNew={isNew} onSave={() => void save()} />
    </div>
  );
}
