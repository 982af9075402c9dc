import { useEffect, useState } from 'react';

/** Something begun that is still there after the page is loaded again, in this tab; null puts it away. */
export function useKept<T extends object>(key: string, first: T): [T, (changes: Partial<T>) => void, () => void] {
  const [value, setValue] = useState<T>(() => ({ ...first, ...kept(key) }));
  useEffect(() => {
    window.sessionStorage.setItem(key, JSON.stringify(value));
  }, [key, value]);
  return [value, (changes) => setValue((now) => ({ ...now, ...changes })), () => window.sessionStorage.removeItem(key)];
}

function kept(key: string): object {
  try {
    const found: unknown = JSON.parse(window.sessionStorage.getItem(key) ?? '{}');
    return typeof found === 'object' && found !== null ? found : {};
  } catch {
    return {};
  }
}
