import { lazy, Suspense } from 'react';
import type { Page } from './types';

const Foot = lazy(async () => ({ default: (await import('./Foot')).Foot }));

/** Beneath everything: it may come after what is looked at first. */
export const LateFoot = ({ page }: { page: Page }) => (
  <Suspense>
    <Foot page={page} />
  </Suspense>
);
