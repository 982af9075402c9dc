import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether it is on its way to paper: only then what is printed is drawn. */
export function usePrinting(): boolean {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    const paper = window.matchMedia('print');
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    const change = () => setPrinting(paper.matches);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    paper.addEventListener('change', change);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
      paper.removeEventListener('change', change);
    };
  }, []);
  return isPrinting;
}
