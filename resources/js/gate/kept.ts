/** What is kept for as long as this tab is open: it survives a reload, and the way to the payment page and back. */
export function keep(name: string, value: unknown): void {
  try {
    sessionStorage.setItem(name, JSON.stringify(value));
  } catch {
    // a browser that keeps nothing: it is lost with the page, as before
  }
}

/** Whoever reads it has written it; null where there is none. */
// eslint-disable-next-line @typescript-eslint/no-unnecessary-type-parameters -- the reader knows what it wrote
export function kept<T>(name: string): T | null {
  try {
    // eslint-disable-next-line @typescript-eslint/no-unsafe-return -- this page wrote it
    return JSON.parse(sessionStorage.getItem(name) ?? 'null');
  } catch {
    return null;
  }
}

export function forget(name: string): void {
  try {
    sessionStorage.removeItem(name);
  } catch {
    // there was nothing
  }
}

type Held = { id: string; query: string };

/** The time that waits for its client in this browser: another tab finds it too, and whoever comes back later. */
export const held = {
  keep: (slug: string, { id, query }: Held) =>
    store(() => localStorage.setItem(heldOf(slug), JSON.stringify({ id, query }))),
  kept: (slug: string): Held | null => {
    try {
      // eslint-disable-next-line @typescript-eslint/no-unsafe-return -- this page wrote it
      return JSON.parse(localStorage.getItem(heldOf(slug)) ?? 'null');
    } catch {
      return null;
    }
  },
  forget: (slug: string) => store(() => localStorage.removeItem(heldOf(slug))),
};

function store(does: () => void): void {
  try {
    does();
  } catch {
    // a browser that keeps nothing
  }
}

const heldOf = (slug: string): string => `held ${slug}`;

/** Names of what is kept, of each business for itself. */
export const detailsOf = (slug: string): string => `details ${slug}`;
export const knownOf = (slug: string): string => `known ${slug}`;
