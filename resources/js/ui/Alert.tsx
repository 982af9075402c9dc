import { Wrong } from './Wrong';

/** What went wrong just now, said aloud too; nothing where nothing did. */
export const Alert = ({ says }: { says: string | null }) =>
  says === null ? null : (
    <Wrong as="p" role="alert">
      {says}
    </Wrong>
  );
