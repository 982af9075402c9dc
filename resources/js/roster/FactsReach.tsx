import { Columns } from '../ui/Columns';
import { PictureField } from '../setup/PictureField';
import { MailField, PhoneField } from '../ui/ReachFields';
import { Fold } from '../ui/Fold';
import { LinesField } from '../ui/LinesField';
import type { FactsProps } from './facts';
import * as say from '@words/roster';

/** How clients reach the business, and what they see of it. */
export function FactsReach({ content, set, wrong }: FactsProps) {
  const links = Object.entries(wrong).find(([field]) => field.startsWith('links'))?.[1];
  return (
    <Fold
      id="fold-reach"
      title={say.contactAndPictures}
      says={[content.email, content.phone].filter((one) => one !== '').join(', ') || say.nothingYet}
      wrong={wrong['email'] !== undefined || wrong['phone'] !== undefined || links !== undefined}
    >
      <Columns>
        <MailField id="email" wrong={wrong['email']} value={content.email} onValue={(email) => set({ email })} />
        <PhoneField id="phone" wrong={wrong['phone']} value={content.phone} onValue={(phone) => set({ phone })} />
      </Columns>
      <LinesField
        id="links"
        label={say.linksOneLine}
        lines={3}
        wrong={links}
        value={content.links}
        onValue={(next) => set({ links: next })}
      />
      <Columns>
        <PictureField label={say.logo} picture={content.logo} onPicture={(logo) => set({ logo })} />
        <PictureField label={say.banner} picture={content.banner} onPicture={(banner) => set({ banner })} />
      </Columns>
    </Fold>
  );
}
