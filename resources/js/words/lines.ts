import type { Schemas } from '../lib/api';
import * as say from '@words/words';

/** What a line of a quote is for: "Wheel lesson", "2 more people", "2 × Bag of clay". */
export function lineWords(line: Schemas['Line'], party: number): string {
  switch (line.kind) {
    case 'base':
      return line.label;
    case 'people':
      return say.morePeople({ count: party - 1 });
    case 'surcharge':
    case 'tax':
      return line.label;
    case 'frequency':
      return say.frequent({ label: line.label });
    case 'covered':
      return say.covered;
    case 'code':
      return say.codeLine({ code: line.label });
    case 'addOn':
      return line.quantity === undefined || line.quantity === 1 ? line.label : `${line.quantity} × ${line.label}`;
  }
}
