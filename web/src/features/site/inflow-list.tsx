'use client';

import { INFLOWS, formatFlow } from '@herrero/core';
import { useJob } from '../../store/job-provider';

/** Water that comes from elsewhere than a roof: what it brings and where it comes in. */
export function InflowList() {
  const { inflows, penetrations, measures } = useJob((state) => state.job);
  const selected = useJob((state) => state.siteKey);
  const select = useJob((state) => state.selectSite);
  if (inflows.length === 0) return null;
  return (
    <div className="pt-3">
      <h3 className="border-b border-ink pb-1 type-second">other inflows</h3>
      <ul>
        {inflows.map(({ id, name, kind, rateM3s, into }) => {
          const hole = penetrations.find((one) => one.id === into);
          return (
            <li key={id} className={`border-b border-hair ${selected === `inflow ${id}` ? 'row-selected' : ''}`}>
              <button
                type="button"
                aria-pressed={selected === `inflow ${id}`}
                onClick={() => select(`inflow ${id}`)}
                className="flex min-h-9 w-full flex-wrap items-center gap-x-3 text-left type-row pointer-coarse:min-h-11"
              >
                <b className="font-[650]">{name}</b>
                <span>
                  {formatFlow(rateM3s ?? INFLOWS[kind].usualM3s, measures)}
                  {rateM3s === null ? ' (assumed)' : ''}
                </span>
                <span className="type-second">{hole ? `into ${hole.label}` : 'comes in nowhere yet'}</span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
