'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import type { FloorView } from '../../../core/drawing/floor/layoutFloor';
import { FloorSheet } from './FloorSheet';

const views: Record<FloorView, string> = { above: 'From above', below: 'Lying underneath' };

/** The floor, from whichever side one stands. */
export function FloorViews({ selected, onSelect }: { selected: string | null; onSelect: (id: string | null) => void }) {
  const [view, setView] = useState<FloorView>('above');
  return (
    <>
      <div className="inline" role="group" aria-label="How the floor is seen">
        {(Object.keys(views) as FloorView[]).map((id) => (
          <Button key={id} aria-pressed={view === id} onClick={() => setView(id)}>
            {views[id]}
          </Button>
        ))}
      </div>
      <FloorSheet view={view} selected={selected} onSelect={onSelect} />
    </>
  );
}
