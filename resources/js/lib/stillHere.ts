/**
 * Taken at a press: whether the address is still the same once it is answered. An answer that comes late leads nobody
 * away from where they have gone meanwhile.
 */
export function stillHere(): () => boolean {
  const { pathname } = window.location;
  return () => window.location.pathname === pathname;
}
