import { useId, useState } from 'react';
import { useParams } from 'react-router';
import { Labelled } from '../ui/Labelled';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap } from '../lib/api';
import * as say from '@words/setup';
import { sent } from './uploads';
import './PictureField.css';

type Props = { label: string; picture: string | null; onPicture: (id: string | null) => void };

/** A picture that is taken in as soon as it is chosen, and counts once the thing it belongs to is saved. */
export function PictureField({ label, picture, onPicture }: Props) {
  const business = useParams()['business'] ?? '';
  const id = useId();
  const [state, setState] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | undefined>();
  const take = async (file: File): Promise<boolean> => {
    let arrived = true;
    setState(say.sendingPicture);
    setWrong(undefined);
    const form = new FormData();
    form.append('picture', file);
    try {
      const taken = await unwrap(
        api.POST('/api/businesses/{business}/pictures', {
          params: { path: { business } },
          body: { picture: file.name },
          bodySerializer: () => form,
        }),
      );
      onPicture(taken.id);
    } catch (no) {
      const refusal = refusalOf(no);
      setWrong(refusal.fields?.['picture'] ?? refusal.message);
      arrived = false;
    }
    setState(null);
    return arrived;
  };
  return (
    <Labelled id={id} label={label} wrong={wrong}>
      <div className="flex items-center gap-3">
        {picture === null ? (
          <span className="picture-none hatched" aria-hidden="true" />
        ) : (
          <img className="picture picture-chosen" src={`/pictures/${picture}`} alt="" />
        )}
        <input
          id={id}
          type="file"
          accept="image/*"
          className="picture-input"
          aria-describedby={wrong === undefined ? undefined : `${id}-wrong`}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file !== undefined) {
              void sent(take(file));
            }
            event.target.value = '';
          }}
        />
        {picture !== null && (
          <Button small onClick={() => onPicture(null)}>
            {say.takeAway}
          </Button>
        )}
      </div>
      {state !== null && <span role="status">{state}</span>}
    </Labelled>
  );
}
