import { NavLink } from 'react-router';
import classes from './SubTabs.module.css';

/** The views of one stage, always in sight. */
export function SubTabs({
  label,
  tabs,
}: {
  label: string;
  tabs: readonly { readonly to: string; readonly label: string; readonly note?: string }[];
}) {
  return (
    <nav aria-label={label} className={`${classes.tabs} no-print`}>
      {tabs.map(({ to, label: name, note }) => (
        <NavLink key={to} to={to} end className={classes.tab ?? ''}>
          {name}
          {note && <small className="quiet">{note}</small>}
        </NavLink>
      ))}
    </nav>
  );
}
