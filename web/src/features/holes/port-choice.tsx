'use client';

import {
  describeEnd,
  MATERIAL_NAMES,
  matingOf,
  newPart,
  nextParts,
  type Offer,
  parseEnd,
  partTitle,
  type Penetration,
  portOf,
  type PortUse,
  resolveEnd,
  serviceAt,
  setField,
  type Tank,
  verdictWords,
  type Held,
  waysOn,
} from '@herrero/core';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { EndField } from '@/ui/end-field';
import { useJob } from '../../store/job-provider';
import { newId } from '../../store/new-id';

const USES: readonly { readonly value: PortUse; readonly name: string }[] = [
  { value: 'use', name: 'use' },
  { value: 'plug', name: 'plug' },
  { value: 'leave', name: 'leave' },
];

const nameOf = (end: string): string => {
  const parsed = parseEnd(end);
  return parsed.ok ? describeEnd(parsed.value) : end;
};

/** A port that the tank comes with: which way on it has, how to tell, and what becomes of it. */
export function PortChoice({ penetration, tank }: { readonly penetration: Penetration; readonly tank: Tank }) {
  const make = useJob((state) => state.make);
  const port = portOf(tank, penetration);
  const set = <Name extends 'port' | 'portUse'>(field: Name, to: Held<'penetrations', Name>): void =>
    void make([setField('penetrations', penetration, field, to)]);
  const region = useJob((state) => state.job.region);
  const ways = port ? waysOn(port, region) : [];
  return (
    <div className="space-y-2">
      <Choice
        label={`What becomes of ${penetration.label} ${penetration.name}`}
        value={penetration.portUse}
        options={USES}
        onChange={(to) => set('portUse', to)}
      />
      {ways.length > 1 ? (
        <ul aria-label={`Which way on is yours at ${penetration.label}?`}>
          {ways.map((way) => (
            <li key={way.end} className="border-b border-hair">
              <button
                type="button"
                aria-pressed={way.end === penetration.port}
                onClick={() => set('port', way.end)}
                className={`block w-full px-2 py-1.5 text-left ${way.end === penetration.port ? 'row-selected' : 'hover:bg-paper-deep'}`}
              >
                <span className="block text-[16px] leading-5 font-[650]">{way.name}</span>
                <span className="block type-second">
                  {way.end}: {way.tell}
                </span>
              </button>
            </li>
          ))}
        </ul>
      ) : (
        <p className="type-row">
          {port ? 'The tank comes with' : 'There is'} {nameOf(penetration.port ?? '')} here. Nothing is drilled; what
          goes on is chosen at Runs.
        </p>
      )}
      <EndField
        label={port ? 'None of these: the end that is really there' : 'The end that is there'}
        value={port && ways.some(({ end }) => end === penetration.port) ? null : penetration.port}
        unsaid="say it: 2 in BSP F, 63mm MDPE"
        onChange={(to) =>
          to === null ? undefined : make([setField('penetrations', penetration, 'port', to)])?.message
        }
      />
      <WaysOn penetration={penetration} />
      <p className="type-second">
        {port?.closedBy === 'valve'
          ? 'A container’s own valve wears and stops closing: put a second one behind it. The neck behind the valve is reached only with the tank empty.'
          : port && port.closedBy !== 'nothing'
            ? `It comes closed by a ${port.closedBy}.`
            : ''}
      </p>
      <Action
        onClick={() =>
          make([
            setField('penetrations', penetration, 'portUse', null),
            setField('penetrations', penetration, 'port', null),
          ])
        }
      >
        Cut it out: drill a hole of your own here
      </Action>
    </div>
  );
}

/** Families that begin a run at the port of a container or a drum. */
const FROM_A_PORT: readonly string[] = ['container-fitting', 'cam-coupling'];
const MOST_WAYS_ON = 40;

/** What goes on to the port: bungs, caps and couplings that hold there; a press puts one on. What is there is washed. */
function WaysOn({ penetration }: { readonly penetration: Penetration }) {
  const context = useJob((state) => state.plan.context);
  const make = useJob((state) => state.make);
  const at = { of: 'hole', id: penetration.id } as const;
  const [there] = context.runs.find((run) => run.penetration.id === penetration.id)?.strands[0]?.items ?? [];
  const { end, material } = resolveEnd(at, context.job, context.index);
  const plugs = penetration.portUse === 'plug';
  if (end === undefined || penetration.portUse === null || penetration.portUse === 'leave') return null;
  const standing = { end, material, service: serviceAt(at, context.runs) };
  const offers = nextParts(standing, context.catalogue, { parts: [], region: context.job.region })
    .goesOn.filter(({ part: { family, ends } }) =>
      plugs
        ? family === 'closure' || (family === 'container-fitting' && ends.length === 1)
        : FROM_A_PORT.includes(family),
    )
    .slice(0, MOST_WAYS_ON);
  if (offers.length === 0) return null;
  const put = ({ part, endIn }: Offer): void =>
    void make(
      there
        ? [{ type: 'replace-part', partId: there.placed.id, from: there.part.code, to: part.code }]
        : [
            {
              type: 'add-part',
              part: newPart(newId(), part.code),
              at,
              partEnd: endIn,
              jointId: newId(),
            },
          ],
    );
  return (
    <details open={there !== undefined} className="border-b border-hair">
      <summary className="min-h-9 py-2 type-second pointer-coarse:min-h-11">
        {plugs ? 'What closes it' : 'What goes on to it'}: {offers.length}{' '}
        {offers.length === 1 ? 'part holds' : 'parts hold'}
      </summary>
      <ul>
        {offers.map((offer) => (
          <li key={`${offer.part.code} ${offer.endIn}`}>
            <button
              type="button"
              aria-pressed={there?.part.code === offer.part.code}
              onClick={() => put(offer)}
              className={`block w-full px-2 py-1 text-left type-row ${there?.part.code === offer.part.code ? 'row-selected' : 'hover:bg-paper-deep'}`}
            >
              {partTitle(offer.part)}, {MATERIAL_NAMES[offer.part.material]}: {verdictWords(matingOf(standing, offer))}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
