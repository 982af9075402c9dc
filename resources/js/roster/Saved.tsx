import type { Refusal } from '../lib/api';

/** What came of saving, said right there. */
export function Saved({ saved, refused }: { saved: boolean; refused: Refusal | null }) {
  if (refused !== null) {
    const first = Object.values(refused.fields ?? {})[0];
    return (
      <p className="notice notice-trouble" role="alert">
        {first ?? refused.message}
      </p>
    );
  }
  return saved ? (
    <p className="notice notice-good" role="status">
      Saved.
    </p>
  ) : null;
}
