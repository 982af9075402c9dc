import { NavLink } from 'react-router';
import './Shelf.css';

type Props = { label: string; parts: readonly (readonly [string, string])[]; base: string };

/** The parts of a room, side by side. */
export function Shelf({ label, parts, base }: Props) {
  return (
    <nav aria-label={label} className="shelf">
      {parts.map(([path, name]) => (
        <NavLink key={path} to={`${base}/${path}`}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
