'use client';
import { Box, IconButton, Menu, MenuItem } from '@mui/material';
import { EllipsisVertical } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import type { Role } from '../../../core/people/roles';
import { ThemeSwitch } from '../ThemeSwitch';
import { SignOutButton } from './SignOutButton';
import { people as t } from '../../texts/en/people';

/** On a phone: who is signed in, the other pages, light, and the way out, behind one key. */
export function PersonMenu({ person }: { person: { name: string; role: Role } }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <IconButton className="push" aria-label={t.more} aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        <EllipsisVertical size={22} />
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem disabled>
          {person.name}, {person.role}
        </MenuItem>
        {person.role === 'lead' && (
          <MenuItem component={Link} prefetch={false} href="/people">
            {t.people}
          </MenuItem>
        )}
        <MenuItem component={Link} prefetch={false} href="/trainer">
          {t.trainer}
        </MenuItem>
        <MenuItem component={Link} prefetch={false} href="/settings">
          {t.settings}
        </MenuItem>
        <Box component="li" className="inline" role="none" sx={{ padding: '0 10px' }}>
          <SignOutButton />
          <ThemeSwitch />
        </Box>
      </Menu>
    </>
  );
}
