import type { Schemas } from '../lib/api';
import { PictureField } from '../setup/PictureField';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import type { PartProps } from './person';

/** What clients see of somebody. */
export function PersonOnPage({ content, set, wrong, disabled, data }: PartProps & { data: Schemas['Setup'] }) {
  return (
    <Fold
      id="fold-more"
      title="On the page"
      says={content.page === '' ? 'no page of their own' : `…/book/${data.slug}?with=${content.page}`}
      wrong={wrong['page'] !== undefined || wrong['about'] !== undefined}
    >
      <fieldset disabled={disabled} className="contents">
        <PictureField label="Picture" picture={content.picture} onPicture={(picture) => set({ picture })} />
        <Field
          id="person-about"
          label="A few words about them"
          lines={2}
          maxLength={500}
          wrong={wrong['about']}
          value={content.about}
          onValue={(about) => set({ about })}
        />
        <Field
          id="person-page"
          label="Last part of the address of their own page"
          hint={content.page === '' ? 'Nothing typed: they have none' : `${data.link}?with=${content.page}`}
          maxLength={60}
          wrong={wrong['page']}
          value={content.page}
          onValue={(page) => set({ page: page.toLowerCase() })}
        />
      </fieldset>
    </Fold>
  );
}
