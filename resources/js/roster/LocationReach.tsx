import { useState } from 'react';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap } from '../lib/api';
import type { Contents } from '../setup/things';
import { Field } from '../ui/Field';
import { PhoneField } from '../ui/ReachFields';
import * as say from '@words/roster';

type Props = {
  business: string;
  content: Contents['location'];
  set: (changes: Partial<Contents['location']>) => void;
  wrong: Readonly<Record<string, string>>;
};

/** How one gets there: by a link, or by an address. */
export function LocationReach({ business, content, set, wrong }: Props) {
  const [roomWrong, setRoomWrong] = useState<string | undefined>();
  const openRoom = async () => {
    try {
      const room = await unwrap(
        api.POST('/api/businesses/{business}/meeting-rooms', {
          params: { path: { business } },
          body: { name: content.name === '' ? say.online : content.name },
        }),
      );
      set({ meetingLink: room.link });
      setRoomWrong(undefined);
    } catch (no) {
      setRoomWrong(refusalOf(no).message);
    }
  };
  return content.online ? (
    <div className="grid gap-2">
      <Field
        id="location-link"
        label={say.meetingLink}
        type="url"
        hint={say.clientsGetWithTheir}
        maxLength={300}
        wrong={wrong['meetingLink'] ?? roomWrong}
        value={content.meetingLink}
        onValue={(meetingLink) => set({ meetingLink })}
      />
      <p>
        <Button id="open-room" small onClick={() => void openRoom()}>
          {say.getRoomFromMeeting}
        </Button>
      </p>
    </div>
  ) : (
    <>
      <Field
        id="location-address"
        label={say.address}
        autoComplete="street-address"
        maxLength={300}
        wrong={wrong['address']}
        value={content.address}
        onValue={(address) => set({ address })}
      />
      <Field
        id="location-directions"
        label={say.howToGetThere}
        lines={3}
        maxLength={1000}
        wrong={wrong['directions']}
        value={content.directions}
        onValue={(directions) => set({ directions })}
      />
      <PhoneField
        id="location-phone"
        wrong={wrong['phone']}
        value={content.phone}
        onValue={(phone) => set({ phone })}
      />
    </>
  );
}
