import { Navigate, Route, Routes } from 'react-router';
import { Shelf } from '../ui/Shelf';
import { Missing } from '../setup/Missing';
import { useSetup } from '../setup/useSetup';
import { HoursPage } from './HoursPage';
import { LocationPage } from './LocationPage';
import { Locations } from './Locations';
import { People } from './People';
import { PersonPage } from './PersonPage';
import { PoolPage } from './PoolPage';
import { Resources } from './Resources';
import { YearPage } from './YearPage';
import * as say from '@words/roster';

const PARTS = [
  ['hours', say.hoursTitle],
  ['year', say.year],
  ['people', say.people],
  ['locations', say.locations],
  ['resources', say.resources],
] as const;

/** People, hours, places and resources. Whoever sees their own day only has their own page here. */
export function Roster() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetchingRoster}
      </p>
    );
  }
  const base = `/at/${business}/roster`;
  const home = may('see-board') ? 'hours' : data.me.staff === null ? 'year' : `people/${data.me.staff}`;
  return (
    <main className="room">
      <header className="room-head">
        <h1>{say.roster}</h1>
        {may('see-board') && <Shelf label={say.partsRoster} parts={PARTS} base={base} />}
      </header>
      {may('change-setup') && (
        <Missing business={business} missing={data.missing.filter((one) => one.list !== 'services')} />
      )}
      <Routes>
        <Route path="hours" element={<HoursPage />} />
        <Route path="year" element={<YearPage />} />
        <Route path="people" element={<People />} />
        <Route path="people/:id" element={<PersonPage />} />
        <Route path="locations" element={<Locations />} />
        <Route path="locations/:id" element={<LocationPage />} />
        <Route path="resources" element={<Resources />} />
        <Route path="resources/:id" element={<PoolPage />} />
        <Route path="*" element={<Navigate to={`${base}/${home}`} replace />} />
      </Routes>
    </main>
  );
}
