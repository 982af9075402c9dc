import { writeHoursOf } from '../lib/format';
import type { Page } from './types';
import './Head.css';

export function Head({ page }: { page: Page }) {
  writeHoursOf(page.business.clock);
  return (
    <header className="gate-head">
      {page.business.banner !== null && (
        <img className="gate-banner" src={`/pictures/${page.business.banner}`} alt="" />
      )}
      <div className="mx-auto flex max-w-6xl flex-wrap items-baseline gap-x-5 gap-y-1 px-5 py-5">
        {page.business.logo !== null && <img className="gate-logo" src={`/pictures/${page.business.logo}`} alt="" />}
        <p className="font-head text-3xl font-bold tracking-tight">
          <a href={`/book/${page.business.slug}`} className="no-underline">
            {page.business.name}
          </a>
        </p>
        <p className="opacity-90">{page.business.about}</p>
      </div>
    </header>
  );
}
