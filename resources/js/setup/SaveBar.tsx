import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useFirstWrong } from '../ui/useIntoSight';
import { useLeaving, type Editing } from './useThing';

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
              <p className="wrong" role="alert">
                {refused.fields === undefined ? refused.message : (Object.values(refused.fields)[0] ?? refused.message)}
              </p>
            ) : (
              <p>{isNew ? 'Not there yet.' : 'Not saved yet.'}</p>
            )}
          </div>
          {meanwhile !== null && meanwhile.content === null && (
            <button type="button" id="as-new" className="button button-small" onClick={editing.asNew}>
              Keep it as something new
            </button>
          )}
          {!isNew && (
            <button type="button" className="button button-small" onClick={editing.putBack}>
              Put back
            </button>
          )}
          <button
            type="button"
            id="save"
            className="button button-small button-next"
            disabled={saving}
            onClick={onSave}
          >
            {saving ? 'Saving' : `Save ${what}`}
          </button>
        </div>
      )}
      <Dialog open={leaving.state === 'blocked'} onClose={() => leaving.reset?.()} className="asking">
        <div className="asking-ground">
          <DialogPanel className="asking-panel">
            <DialogTitle className="text-2xl">Something here is not saved yet</DialogTitle>
            <p>If you leave now, what you changed is lost.</p>
            <div className="flex flex-wrap gap-3">
              <button type="button" className="button button-next" autoFocus onClick={() => leaving.reset?.()}>
                Stay
              </button>
              <button type="button" className="button" onClick={() => leaving.proceed?.()}>
                Leave without saving
              </button>
            </div>
          </DialogPanel>
        </div>
      </Dialog>
    </>
  );
}
