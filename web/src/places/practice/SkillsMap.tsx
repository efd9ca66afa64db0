import { clsx } from 'clsx';
import { SKILL_IDS, SKILLS } from '#core/practice/data/skills';
import { type SkillStanding, standingOf } from '#core/practice/learning';
import { usePractice } from '../../state/practice';

const STANDINGS: Readonly<Record<SkillStanding, { name: string; look: string }>> = {
  untried: { name: 'not tried', look: 'border-rule text-muted' },
  shaky: { name: 'shaky', look: 'border-rust bg-wash text-rust-deep' },
  coming: { name: 'coming', look: 'border-rule bg-wash' },
  steady: { name: 'steady', look: 'border-slate bg-slate text-on-slate' },
};

/** What one can judge by now, and what is shaky. */
export function SkillsMap() {
  const skills = usePractice((s) => s.skills);
  return (
    <section aria-label="Skills">
      <h2 className="label font-sans">Your skills</h2>
      <ul className="mt-2 space-y-1">
        {SKILL_IDS.map((id) => {
          const standing = STANDINGS[standingOf(skills[id])];
          return (
            <li key={id} title={SKILLS[id].what} className="flex items-center justify-between gap-2 text-sm">
              <span>{SKILLS[id].name}</span>
              <span className={clsx('shrink-0 rounded-full border px-2.5 py-0.5 text-xs', standing.look)}>{standing.name}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
