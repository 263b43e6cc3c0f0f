'use client';

import { type MakeUp, type Verdict } from '@herrero/core';

const NO_JOINT = 'There is nothing to make up: this is no joint.';
/** What is said where nothing is to be made up. */
const NOTHING_TO_MAKE: Readonly<Record<Verdict, string>> = {
  holds: 'It needs nothing but itself.',
  'holds-with': 'It needs nothing but itself.',
  'fits-unrated': 'It goes together, and nothing says how it is made up to be relied on.',
  'starts-then-leaks': NO_JOINT,
  'will-not-go': NO_JOINT,
  unknown: 'Nothing is said before both ends are known.',
};

/** What closes a joint that is not taped: washer, cement with its times, clamp, insert. A tape count never stands here. */
export function MediumPanel({ made }: { readonly made: MakeUp }) {
  const { washer, cement, clamp, insert, solder, bolts, lubricantMl, measure, useless, mating } = made;
  const title = washer
    ? 'The washer'
    : cement
      ? 'The cement'
      : clamp
        ? 'The clamp'
        : insert
          ? 'The insert'
          : solder
            ? 'The solder'
            : bolts
              ? 'The bolts'
              : lubricantMl
                ? 'The ring'
                : 'Making it up';
  const rows: readonly (readonly [string, string])[] = [
    ...(washer
      ? ([
          ['Washer', washer.name],
          ['Outside', `${washer.outsideMm} mm`],
          ['Inside', `${washer.insideMm} mm`],
          ['Thick', `${washer.thicknessMm} mm`],
        ] as const)
      : []),
    ...(cement
      ? ([
          ['Cement', `${cement.name}, ${Math.ceil(cement.ml)} ml`],
          ['Primer', cement.primerMl > 0 ? `${Math.ceil(cement.primerMl)} ml, on both` : 'none: one step'],
          ['Push in', `${cement.socketDepthMm.toFixed(0)} mm, a quarter turn, hold 30 s`],
          ['Leave still', minutes(cement.setMin)],
          ['Water after', minutes(cement.cureMin)],
        ] as const)
      : []),
    ...(clamp
      ? ([
          ['Clamp', `${clamp.count} x no. ${clamp.number}`],
          ['Closes', `${clamp.rangeMm[0].toFixed(0)} to ${clamp.rangeMm[1].toFixed(0)} mm`],
          ['Metric', `${clamp.metricMm[0]} to ${clamp.metricMm[1]} mm`],
          ['Closes on', `${clamp.outsideMm.toFixed(1)} mm: measure yours`],
        ] as const)
      : []),
    ...(insert ? ([['Insert', insert]] as const) : []),
    ...(solder
      ? ([
          ['Wire', `${solder.wireMm} mm of 3 mm, lead-free`],
          ['Flux', `${solder.fluxMl.toFixed(1)} ml, on both`],
          ['Heat', 'the fitting, not the wire; both dry inside'],
          ['Fire', 'cloth behind, extinguisher at hand, watch for an hour'],
        ] as const)
      : []),
    ...(bolts
      ? ([
          ['Bolts', `${bolts.count} x ${bolts.name}`],
          ['Gasket', mating.needs.flatMap((need) => (need.kind === 'washer' ? [need.name] : [])).join(', ')],
          ['Order', 'crosswise, in three rounds; again after a day'],
        ] as const)
      : []),
    ...(lubricantMl ? ([['Soapy water', `${lubricantMl} ml; never oil`]] as const) : []),
  ];
  return (
    <section aria-label={title}>
      <h2 className="type-head">{title}</h2>
      <dl className="pt-1 type-row">
        {rows.map(([name, value]) => (
          <div key={name} className="flex gap-3 border-b border-hair py-1">
            <dt className="w-24 shrink-0 text-ink-2">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      {rows.length === 0 && !measure && <p className="type-row">{NOTHING_TO_MAKE[mating.verdict]}</p>}
      {measure && <p className="pt-1.5 type-row">{measure}</p>}
      {mating.needs.some(({ kind }) => kind === 'washer') && !washer && !bolts && (
        <p className="pt-1.5 type-row">Measure the seat for the washer: its size is not in the tables.</p>
      )}
      {useless.length > 0 && rows.length > 0 && (
        <p className="pt-1.5 type-row">
          <b className="font-[650]">No {useless.join(', no ')}:</b> {useless.length > 1 ? 'they do' : 'it does'} nothing
          here.
        </p>
      )}
    </section>
  );
}

const minutes = (value: number): string => (value < 90 ? `${value} min` : `${Math.round((value / 60) * 10) / 10} h`);
