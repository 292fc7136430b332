import { NavLink } from 'react-router';

const TABS = [
  { to: '/catalogue', name: 'Parts' },
  { to: '/catalogue/sources', name: 'Sources' },
  { to: '/catalogue/own', name: 'Own entries' },
];

/** The rooms of the catalogue, under its name. */
export function CatalogueTabs() {
  return (
    <nav aria-label="Catalogue" className="flex items-baseline gap-5">
      <span className="font-head text-2xl font-semibold tracking-tight">Catalogue</span>
      {TABS.map((tab) => (
        <NavLink
          key={tab.to}
          to={tab.to}
          end
          className={({ isActive }) => `pb-0.5 ${isActive ? 'border-lagoon text-lagoon border-b-2 font-semibold' : 'hover:text-lagoon'}`}
        >
          {tab.name}
        </NavLink>
      ))}
    </nav>
  );
}
