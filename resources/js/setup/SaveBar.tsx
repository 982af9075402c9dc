import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Button } from '../ui/Button';
import { useFirstWrong } from '../ui/useIntoSight';
import { useLeaving, type Editing } from './useThing';
import * as say from '@words/setup';
import './SaveBar.css';

type Props<C extends object> = { editing: Editing<C>; what: string; onSave: () => void; isNew?: boolean };

/** At the foot of what is being edited: whether it is saved, and the one thing to do. Leaving asks once. */
export function SaveBar<C extends object>({ editing, what, onSave, isNew = false }: Props<C>) {
  const { dirty, refused, saving, meanwhile } = editing;
  const leaving = useLeaving(dirty && !saving);
  useFirstWrong(meanwhile === null ? refused : null);
  const shown = dirty || isNew || refused !== null;
  return (
    <>
      {shown && (
        <div className="save-bar">
          <div>
            {refused !== null && (meanwhile === null || meanwhile.content === null) ? (
              <p className="font-semibold text-[#ffc9b8]" role="alert">
                {refused.fields === undefined ? refused.message : (Object.values(refused.fields)[0] ?? refused.message)}
              </p>
            ) : (
              <p>{isNew ? say.notThereYet : say.notSavedYet}</p>
            )}
          </div>
          {meanwhile !== null && meanwhile.content === null && (
            <Button id="as-new" small onClick={editing.asNew}>
              {say.keepAsSomethingNew}
            </Button>
          )}
          {!isNew && (
            <Button small onClick={editing.putBack}>
              {say.putBack}
            </Button>
          )}
          <Button id="save" kind="next" small disabled={saving} onClick={onSave}>
            {saving ? say.saving : say.save({ what })}
          </Button>
        </div>
      )}
      <Dialog open={leaving.state === 'blocked'} onClose={() => leaving.reset?.()} className="asking">
        <div className="asking-ground">
          <DialogPanel className="asking-panel">
            <DialogTitle className="text-2xl">{say.somethingHereNotSaved}</DialogTitle>
            <p>{say.ifLeaveNowWhat}</p>
            <div className="flex flex-wrap gap-3">
              <Button kind="next" autoFocus onClick={() => leaving.reset?.()}>
                {say.stay}
              </Button>
              <Button onClick={() => leaving.proceed?.()}>{say.leaveWithoutSaving}</Button>
            </div>
          </DialogPanel>
        </div>
      </Dialog>
    </>
  );
}
