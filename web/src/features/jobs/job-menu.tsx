'use client';

import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useTransition } from 'react';
import { duplicateJob, setArchived } from '@/server/job-actions';
import { authorOfTab } from '../../store/unsent-store';

interface JobMenuProps {
  readonly id: string;
  readonly name: string;
  readonly archived: boolean;
}

/** Duplicate, archive; a job is renamed where its name stands, on its own desk. */
export function JobMenu({ id, name, archived }: JobMenuProps) {
  const [pending, begin] = useTransition();
  const item = 'type-row block w-full px-4 py-3 text-left data-focus:bg-brass-wash';
  return (
    <Menu>
      <MenuButton className="action" disabled={pending} aria-label={`More for ${name}`}>
        <span>{pending ? 'working…' : 'More'}</span>
      </MenuButton>
      <MenuItems anchor="bottom end" className="sheet z-20 w-52">
        <MenuItem>
          <button type="button" className={item} onClick={() => begin(() => duplicateJob(id, authorOfTab()))}>
            Duplicate
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" className={item} onClick={() => begin(() => setArchived(id, !archived))}>
            {archived ? 'Take it out again' : 'Archive'}
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
  );
}
