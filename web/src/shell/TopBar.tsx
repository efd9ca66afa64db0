import { BookOpen, Hexagon, Moon, ScrollText, Sun } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';

function Brand() {
  return (
    <Link
      to="/cases"
      className="flex min-h-11 items-center gap-1.5 pr-1 font-display text-[26px] leading-none font-semibold text-rust italic"
      aria-label="Foxing, all cases"
    >
      <svg viewBox="0 0 24 24" className="size-5" aria-hidden>
        <circle cx="14" cy="9" r="6" fill="currentColor" opacity=".55" />
        <circle cx="6" cy="15" r="3.6" fill="currentColor" opacity=".4" />
        <circle cx="14" cy="20" r="2" fill="currentColor" opacity=".7" />
      </svg>
      Foxing
    </Link>
  );
}

function ThemeSwitch() {
  const [hood, setHood] = useState(document.documentElement.dataset['theme'] === 'hood');
  const change = () => {
    const next = !hood;
    if (next) document.documentElement.dataset['theme'] = 'hood';
    else delete document.documentElement.dataset['theme'];
    localStorage.setItem('foxing-theme', next ? 'hood' : 'light');
    setHood(next);
  };
  return (
    <button
      type="button"
      onClick={change}
      className="grid size-11 place-items-center rounded-lg hover:bg-wash"
      aria-label={hood ? 'Light theme' : 'Hood theme, for flames and beads'}
    >
      {hood ? <Sun size={19} /> : <Moon size={19} />}
    </button>
  );
}

const PLACES = [
  { to: '/handbook', name: 'Handbook', Icon: BookOpen },
  { to: '/compounds', name: 'Compounds', Icon: Hexagon },
  { to: '/house-rules', name: 'House rules', Icon: ScrollText },
];

export function TopBar({ children }: { children?: ReactNode }) {
  return (
    <header className="no-print sticky top-0 z-30 flex min-h-[60px] flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule bg-paper px-4 py-1.5">
      <Brand />
      {children}
      <div className="ml-auto flex">
        {PLACES.map(({ to, name, Icon }) => (
          <Link
            key={to}
            to={to}
            className="grid size-11 place-items-center rounded-lg hover:bg-wash"
            aria-label={name}
            title={name}
          >
            <Icon size={19} />
          </Link>
        ))}
        <ThemeSwitch />
      </div>
    </header>
  );
}
