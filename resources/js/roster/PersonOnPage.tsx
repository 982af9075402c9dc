import type { Schemas } from '../lib/api';
import { PictureField } from '../setup/PictureField';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import type { PartProps } from './person';
import * as say from '@words/roster';

/** What clients see of somebody. */
export function PersonOnPage({ content, set, wrong, disabled, data }: PartProps & { data: Schemas['Setup'] }) {
  return (
    <Fold
      id="fold-more"
      title={say.onPage}
      says={content.page === '' ? say.noPageTheirOwn : `…/book/${data.slug}?with=${content.page}`}
      wrong={wrong['page'] !== undefined || wrong['about'] !== undefined}
    >
      <fieldset disabled={disabled} className="contents">
        <PictureField label={say.picture} picture={content.picture} onPicture={(picture) => set({ picture })} />
        <Field
          id="person-about"
          label={say.fewWordsAboutThem}
          lines={2}
          maxLength={500}
          wrong={wrong['about']}
          value={content.about}
          onValue={(about) => set({ about })}
        />
        <Field
          id="person-page"
          label={say.lastPartAddressTheir}
          hint={content.page === '' ? say.nothingTypedTheyHave : `${data.link}?with=${content.page}`}
          maxLength={60}
          wrong={wrong['page']}
          value={content.page}
          onValue={(page) => set({ page: page.toLowerCase() })}
        />
      </fieldset>
    </Fold>
  );
}
