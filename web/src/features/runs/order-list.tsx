'use client';

import {
  type AssemblyStep,
  type Closing,
  type PipePart,
  type Run,
  looksSomewhere,
  orderOf,
  spoiltByHeat,
} from '@herrero/core';
import { useMemo } from 'react';
import { useJob } from '../../store/job-provider';
import { HEADING_NAMES } from '@/ui/heading-names';

const DOES: Readonly<Record<AssemblyStep['nature'], string>> = {
  'in-wall': 'Set it in its hole',
  turns: 'Screw it on',
  glued: 'Glue it in',
  'by-hand': 'Couple it',
  'by-tool': 'Fit it and tighten it',
  pulls: 'Push it in',
  free: 'Leave it free',
};

/** The order in which the run goes together: what is brought to what, and which joint closes it. */
export function OrderList({ run }: { readonly run: Run }) {
  const context = useJob((state) => state.plan.context);
  const select = useJob((state) => state.select);
  const selectPart = useJob((state) => state.selectPart);
  const steps = useMemo(() => orderOf(run, context), [run, context]);
  const spoilt = useMemo(() => spoiltByHeat(steps, run, context), [steps, run, context]);
  if (steps.length === 0) return <p className="type-row">Everything of this run stands already.</p>;
  const fromFar = steps.some(({ when }) => when === 'from-far-end');
  return (
    <section aria-label="The order of work">
      <p className="type-second">
        Fit it all dry first.{fromFar ? ' Both ends are fixed: it is built from both sides and closed in between.' : ''}
      </p>
      <ol className="type-row">
        {steps.map((step, place) => (
          <li key={step.judged?.joint.id ?? step.brought?.placed.id}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-3 border-b border-hair text-left hover:bg-brass-wash"
              onClick={() =>
                step.judged
                  ? select(run.penetration.id, step.judged.joint.id)
                  : selectPart(step.brought?.placed.id ?? null)
              }
            >
              <span className="w-7 shrink-0 text-right type-second">{place + 1}</span>
              <span className="flex-1">
                {stepWords(step)}
                {spoilt.has(step) && (
                  <span className="block type-second font-semibold text-oxide">
                    The flame would spoil the {spoilt.get(step)?.part.name.toLowerCase()} that stands near: solder this
                    on the bench before it is put on, and let it cool.
                  </span>
                )}
              </span>
              {step.judged && (
                <span className="type-second">
                  {step.judged.name}, {step.judged.words.toLowerCase()}
                </span>
              )}
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

function closingWords(closing: Closing | undefined): string {
  switch (closing?.by) {
    case undefined:
      return 'Last, both sides are held and nothing gives way of itself: see the note at this joint.';
    case 'union':
      return 'Last, bring the halves of the union together and tighten its nut.';
    case 'slip':
      return 'Last, slide the coupling back over this joint.';
    case 'bends':
      return `Last, bow the ${closing.item.part.name.toLowerCase()} aside and make this joint.`;
    case 'slides':
      return 'Last, push the pipe on through its other gasket, then draw it back into this joint.';
    case 'shifts':
      return `Last, with ${closing.tank.label} empty and nothing else fixed to it, shift it on to this joint.`;
    default:
      return 'Last, with both sides in place, close this joint.';
  }
}

/** Made for good, and yet not glued. */
const FOR_GOOD: Partial<Readonly<Record<PipePart, string>>> = {
  press: 'Press it on',
  crimp: 'Crimp it on',
  expansion: 'Expand it and push it on',
};

/** What is done where pipe and fitting say more than that they never part again: solder, a press, a ring. */
function madeFor(judged: AssemblyStep['judged']): string | undefined {
  if (!judged) return undefined;
  if (judged.mating.needs.some(({ kind }) => kind === 'solder')) return 'Solder it in';
  return [judged.a.end, judged.b.end]
    .map((end) => (end?.kind === 'pipe' ? FOR_GOOD[end.part] : undefined))
    .find((words) => words !== undefined);
}

function stepWords({ nature, brought, when, closing, judged }: AssemblyStep): string {
  if (when === 'at-once') return 'Last, push it on to both ends in one movement: this joint and the other like it.';
  if (when === 'closes') return closingWords(closing);
  if (brought?.part.features.includes('union-nut'))
    return when === 'on' ? 'Union: one half of it goes on here.' : 'From the far end: the other half of the union.';
  const does = madeFor(judged) ?? DOES[nature];
  const what = brought ? `${brought.part.name}: ${does.toLowerCase()}` : does;
  const points =
    brought && looksSomewhere(brought.part) && brought.placed.points !== null
      ? `, so that it points ${HEADING_NAMES[brought.placed.points]}`
      : '';
  const where =
    when === 'from-far-end'
      ? 'From the far end: '
      : when === 'bench' || when === 'bench-before'
        ? 'On the bench: '
        : '';
  return `${where}${what}${points}.`;
}
