/** Soon at first, since most payments are settled within a second, then less and less often. */
const FIRST_MS = 400;
const SELDOMER = 1.3;
const SELDOMEST_MS = 3_000;

/**
 * Asks again and again, each time once the answer before has come.
 *
 * @returns stops it
 */
export function askAgain(ask: () => Promise<unknown>): () => void {
  let wait = FIRST_MS;
  let timer: ReturnType<typeof setTimeout> | null = null;
  const later = () => {
    timer = setTimeout(() => void ask().then(next, next), wait);
    wait = Math.min(wait * SELDOMER, SELDOMEST_MS);
  };
  const next = () => {
    if (timer !== null) {
      later();
    }
  };
  later();
  return () => {
    clearTimeout(timer ?? undefined);
    timer = null;
  };
}
