/** Who comes or buys: somebody known, or a name with what they give, or a walk-in without one. */
export type Who = { id: string | null; name: string; email: string; phone: string; walkIn?: boolean };

export const NOBODY: Who = { id: null, name: '', email: '', phone: '' };

/** As it is sent. */
export function guestOf({ id, walkIn, name, email, phone }: Who) {
  if (id !== null) {
    return { client: id };
  }
  return walkIn === true ? { client: null, walkIn } : { client: null, name, email, phone };
}
