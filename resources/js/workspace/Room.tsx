import { useEffect, useRef } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router';
import { useTunnel } from '../board/useTunnel';
import { LOCALE } from '../language/locale';
import { api, type Schemas } from '../lib/api';
import { NoticeLine, useNotices } from '../ui/Notices';
import * as say from '@words/workspace';
import { useKey } from '../ui/useKey';
import { useNames } from '../ui/useNames';
import './Room.css';

const ROOMS = [
  ['board', say.board],
  ['offer', say.offer],
  ['roster', say.roster],
  ['clients', say.clients],
  ['ledger', say.ledger],
  ['gate', say.gate],
] as const;

const languageOf = (locale: string): string => locale.split('-')[0] ?? locale;

/** A page that came before it was known of which business: loaded anew where that writes as another country does. */
function useWrittenAs(locale: string): void {
  const isOther = locale !== LOCALE && languageOf(locale) === languageOf(LOCALE);
  useEffect(() => {
    if (isOther) {
      window.location.reload();
    }
  }, [isOther]);
}

/** The bar above every room, and the room. */
export function Room({ me }: { me: Schemas['Me'] }) {
  const { business } = useParams();
  const room = useLocation().pathname.split('/')[3] ?? 'board';
  const queries = useQueryClient();
  const here = me.businesses.find((one) => one.slug === business);
  useWrittenAs(here?.locale ?? LOCALE);
  const names = useNames();
  useKey('h', names.toggle);
  useTunnel(here?.slug ?? '');
  const { clear } = useNotices();
  const ends = useRef(clear);
  useEffect(() => {
    ends.current = clear;
  });
  useEffect(() => () => ends.current(), [room]); // a notice ends with its room
  const leave = async () => {
    await api.POST('/api/sign-out');
    queries.clear();
    window.location.assign('/sign-in');
  };
  if (here === undefined) {
    return (
      <main className="p-6">
        <h1 className="text-2xl">{say.thisBusinessNotYours}</h1>
        <p>
          <a href="/">{say.backToWhereWork}</a>
        </p>
      </main>
    );
  }
  return (
    <div className="flex min-h-dvh flex-col">
      <header className="room-bar">
        <div className="flex min-h-12 flex-wrap items-stretch gap-x-6 px-5">
          <Menu>
            <MenuButton className="business-name" id="businesses">
              {here.name}
              <span aria-hidden="true" className="business-turn" />
            </MenuButton>
            <MenuItems className="menu" anchor="bottom start">
              {me.businesses.map((one) => (
                <MenuItem key={one.slug}>
                  <Link to={`/at/${one.slug}/${room}`} aria-current={one.slug === here.slug ? 'true' : undefined}>
                    {one.name}
                  </Link>
                </MenuItem>
              ))}
              <MenuItem>
                <Link to="/start">{say.beginAnotherBusiness}</Link>
              </MenuItem>
              <MenuItem>
                <button type="button" onClick={names.toggle}>
                  {names.hidden ? say.showNames : say.hideNames}
                </button>
              </MenuItem>
              <MenuItem>
                <button type="button" onClick={() => void leave()}>
                  {say.signOut}
                </button>
              </MenuItem>
            </MenuItems>
          </Menu>
          <nav aria-label={say.rooms} className="flex h-12 min-w-0 max-w-full gap-5 overflow-x-auto">
            {ROOMS.map(([path, label]) => (
              <NavLink key={path} to={`/at/${here.slug}/${path}`} className="room-link">
                {label}
              </NavLink>
            ))}
          </nav>
          <NoticeLine />
          {me.standIns !== null && (
            <a className="flex items-center text-sm max-sm:hidden" href={`${me.standIns}/stand-ins`}>
              {say.standIns}
            </a>
          )}
        </div>
      </header>
      <Outlet key={here.slug} />
    </div>
  );
}
