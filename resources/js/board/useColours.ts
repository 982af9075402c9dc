import { useSetup } from '../setup/useSetup';

/** The colours of people's badges, by their ids. */
export function useColours(): ReadonlyMap<string, string> {
  const { data } = useSetup();
  return new Map((data?.staff ?? []).map((member) => [member.id, member.colour]));
}
