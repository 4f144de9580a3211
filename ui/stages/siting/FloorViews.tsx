'use client';
import { Button } from '@mui/material';
import { useMemo, useState, type ReactNode } from 'react';
import type { FloorView } from '../../../core/drawing/floor/layoutFloor';
import { typedOnFloor } from '../../../core/drawing/floor/floorForm';
import { useSmall } from '../../components/useSmall';
import { FloorSheet } from './FloorSheet';
import { siting as t } from '../../texts/en/siting';

const views: Record<FloorView, string> = {
  get above() {
    return t.fromAbove;
  },
  get below() {
    return t.lyingUnderneath;
  },
};

interface Props {
  selected: string | null;
  onSelect: (id: string | null) => void;
  /** What stands beneath, told which figures are typed on the sheet now; absent where nothing is typed on it. */
  children?: (drawn: ReadonlySet<string>) => ReactNode;
}

/** The floor, from whichever side one stands; the heater's place, or that of the thing that was touched, is typed on it. */
export function FloorViews({ selected, onSelect, children }: Props) {
  const [view, setView] = useState<FloorView>('above');
  const [wanted, setWanted] = useState<boolean | null>(null);
  const small = useSmall();
  const form = children !== undefined && (wanted ?? !small);
  const drawn = useMemo(() => new Set<string>(form ? typedOnFloor(selected) : []), [form, selected]);
  return (
    <>
      <div className="inline" role="group" aria-label={t.howTheFloorIsSeen}>
        {(Object.keys(views) as FloorView[]).map((id) => (
          <Button key={id} aria-pressed={view === id} onClick={() => setView(id)}>
            {views[id]}
          </Button>
        ))}
        {children && (
          <Button variant="text" aria-pressed={!form} onClick={() => setWanted(!form)}>
            {form ? t.asAList : t.onTheDrawing}
          </Button>
        )}
      </div>
      <FloorSheet view={view} selected={selected} onSelect={onSelect} form={form} />
      {children?.(drawn)}
    </>
  );
}
