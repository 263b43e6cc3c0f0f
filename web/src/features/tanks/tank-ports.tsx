'use client';

import { type Tank } from '@herrero/core';
import { useJob } from '../../store/job-provider';
import { PortChoice } from '../holes/port-choice';

/** The openings a tank comes with: which way on is there, and what becomes of each. */
export function TankPorts({ tank }: { readonly tank: Tank }) {
  const penetrations = useJob((state) => state.job.penetrations);
  const ports = penetrations.filter(({ tankId, port }) => tankId === tank.id && port !== null);
  return (
    <div>
      <h3 className="border-b border-hair pb-1 type-head">Ports it comes with</h3>
      {ports.length === 0 && <p className="py-2 type-row">None: every hole is made on site.</p>}
      {ports.map((hole) => (
        <section key={hole.id} aria-label={`${hole.label} ${hole.name}`} className="pt-2 pb-1">
          <h4 className="pb-1 type-row">
            <b className="font-[650]">{hole.label}</b> {hole.name}{' '}
            <span className="type-second">{hole.portUse === null ? 'not said yet' : ''}</span>
          </h4>
          <PortChoice penetration={hole} tank={tank} />
        </section>
      ))}
    </div>
  );
}
