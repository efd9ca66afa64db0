import { clsx } from 'clsx';
import {
  BookOpen,
  Dumbbell,
  FlaskConical,
  Hand,
  Hexagon,
  type LucideIcon,
  Menu,
  Moon,
  ScrollText,
  Sun,
  Users,
} from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { type ReactNode, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useBench } from '../state/bench';
import { Find } from './Find';
import { Keys } from './Keys';
import { TourButton } from './Tour';

function Brand({ small }: { small: boolean }) {
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
      <span className={clsx(small && 'max-md:sr-only')}>Foxing</span>
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

/** Larger targets, and one thing at a time. */
function GloveSwitch() {
  const { glove, setGlove } = useBench();
  useEffect(() => {
    document.documentElement.toggleAttribute('data-glove', glove);
  }, [glove]);
  return (
    <button
      type="button"
      onClick={() => setGlove(!glove)}
      aria-pressed={glove}
      className="grid size-11 place-items-center rounded-lg hover:bg-wash aria-pressed:bg-wash aria-pressed:text-rust-deep"
      aria-label="Glove mode"
      title="Glove mode: larger, one thing at a time"
    >
      <Hand size={19} />
    </button>
  );
}

/** Within a case there is no room for those that have nothing to do with it. */
const PLACES: readonly { to: string; name: string; Icon: LucideIcon; apart?: true }[] = [
  { to: '/classes', name: 'Classes', Icon: Users, apart: true },
  { to: '/practice', name: 'Practice', Icon: Dumbbell, apart: true },
  { to: '/handbook', name: 'Handbook', Icon: BookOpen },
  { to: '/compounds', name: 'Compounds', Icon: Hexagon },
  { to: '/preparation', name: 'Preparation', Icon: FlaskConical },
  { to: '/house-rules', name: 'House rules', Icon: ScrollText },
];

/** The other places in one menu, where there is no room for them side by side. */
function PlacesMenu() {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label="More places"
        className="grid size-11 place-items-center rounded-lg hover:bg-wash md:hidden"
      >
        <Menu size={19} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          sideOffset={6}
          align="end"
          className="z-40 min-w-48 rounded-xl border border-rule bg-paper p-1.5 shadow-xl"
        >
          {PLACES.map(({ to, name, Icon }) => (
            <DropdownMenu.Item key={to} asChild>
              <Link
                to={to}
                className="flex min-h-11 items-center gap-3 rounded-lg px-3 text-sm outline-none data-highlighted:bg-wash"
              >
                <Icon size={18} aria-hidden /> {name}
              </Link>
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** @param atWork in a case, whose own places need the room. */
export function TopBar({ children, atWork = false }: { children?: ReactNode; atWork?: boolean }) {
  return (
    <header
      className={clsx(
        'no-print sticky top-0 z-30 flex min-h-[60px] items-center gap-x-4 gap-y-1 border-b border-rule bg-paper px-4 py-1.5 max-md:gap-x-1 max-md:px-2',
        !atWork && 'flex-wrap',
      )}
    >
      <Brand small={atWork} />
      {children}
      <div className="ml-auto flex shrink-0">
        {PLACES.filter((p) => !atWork || !p.apart).map(({ to, name, Icon }) => (
          <Link
            key={to}
            to={to}
            className="hidden min-h-11 items-center gap-1.5 rounded-lg px-2.5 text-sm hover:bg-wash md:inline-flex"
            aria-label={name}
            title={name}
          >
            <Icon size={18} aria-hidden />
            <span className={clsx(atWork && 'max-2xl:hidden in-data-glove:hidden')}>{name}</span>
          </Link>
        ))}
        <Find />
        <span className={clsx('contents', atWork && 'max-md:hidden')}>
          <GloveSwitch />
          <Keys />
          {atWork && <TourButton />}
          <ThemeSwitch />
        </span>
        <PlacesMenu />
      </div>
    </header>
  );
}
