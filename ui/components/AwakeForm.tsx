'use client';
import { Box } from '@mui/material';
import type { ComponentProps } from 'react';
import { useAwake } from './useAwake';

/**
 * A form that takes nothing until the page is awake. Before that a browser would send it by itself,
 * with the password in the address, and what was typed would be wiped when the page wakes.
 */
export function AwakeForm({ children, ...form }: Omit<ComponentProps<'form'>, 'method'>) {
  return (
    <form method="post" {...form}>
      <Box component="fieldset" disabled={!useAwake()} sx={{ display: 'contents' }}>
        {children}
      </Box>
    </form>
  );
}
