import type { KeyboardEvent } from 'react';
import type { Schemas } from '../lib/api';
import { addDays, dateParts } from '../lib/format';
import * as say from '@words/board';
import './Ribbon.css';

type Props = {
  days: readonly Schemas['RibbonDay'][];
  today: string;
  /** The day that is asked for; the Board of it may still be on its way. */
  shown: string;
  onGo: (date: string) => void;
};

/** Two weeks at a glance: how full each day is; press one to go there. */
export function Ribbon({ days, today, shown, onGo }: Props) {
  const stop = days.some(({ date }) => date === shown) ? shown : days[0]?.date;
  return (
    <nav
      aria-label={say.fortnight}
      className="flex max-w-full gap-1.5 overflow-x-auto p-1 lg:flex-none"
      onKeyDown={walk}
    >
      <Week label={say.weekEarlier} onGo={() => onGo(addDays(shown, -7))}>
        ‹
      </Week>
      {days.map((day) => {
        const { weekday, day: number, month } = dateParts(day.date);
        return (
          <button
            key={day.date}
            type="button"
            data-date={day.date}
            className={`ribbon-day ${day.openMinutes === 0 ? 'hatched' : ''}`}
            tabIndex={day.date === stop ? 0 : -1}
            aria-current={day.date === shown ? 'date' : undefined}
            onClick={() => onGo(day.date)}
          >
            <i style={{ height: `${Math.round(day.fill * 100)}%`, display: day.fill === 0 ? 'none' : 'block' }} />
            <span className={day.date === today ? 'font-bold text-[var(--clay)]' : ''}>
              {weekday}
              <b>{number}</b>
              <span className="sr-only">
                {' '}
                {day.openMinutes === 0 ? say.dayClosed({ month }) : say.dayBookings({ month, count: day.bookings })}
              </span>
            </span>
          </button>
        );
      })}
      <Week label={say.weekLater} onGo={() => onGo(addDays(shown, 7))}>
        ›
      </Week>
    </nav>
  );
}

/** One stop on the way through the page: the arrows go from day to day. */
function walk(event: KeyboardEvent<HTMLElement>) {
  const by = { ArrowLeft: 'previousElementSibling', ArrowRight: 'nextElementSibling' } as const;
  if ((event.key === 'ArrowLeft' || event.key === 'ArrowRight') && event.target instanceof HTMLElement) {
    const next = event.target[by[event.key]];
    if (next instanceof HTMLElement) {
      event.preventDefault();
      next.focus();
    }
  }
}

/** A step of a week, at either end. */
function Week({ label, onGo, children }: { label: string; onGo: () => void; children: string }) {
  return (
    <button type="button" className="ribbon-week" aria-label={label} title={label} onClick={onGo}>
      {children}
    </button>
  );
}
