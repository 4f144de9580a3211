'use client';
import { Button } from '@mui/material';
import { useWorkspace } from '../sync/useWorkspace';

/** A network of the build as a file that any engineer can solve again. */
export function NetworkLink({ of, children }: { of: 'fuel' | 'ducts' | 'coolant'; children: string }) {
  const { settled } = useWorkspace('settled');
  return (
    <div className="inline">
      <Button href={`/api/builds/${settled.id}/network?of=${of}`} download>
        {children}
      </Button>
    </div>
  );
}
