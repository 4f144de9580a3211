'use client';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Box, IconButton } from '@mui/material';
import { GripVertical } from 'lucide-react';
import { useMemo, type ReactNode } from 'react';
import { parts as t } from '../../texts/en/parts';

/** Rows whose order means something: moved by hand, by touch and by keys (space, arrows, space). */
export function Sortable({
  ids,
  onMove,
  children,
}: {
  ids: readonly string[];
  onMove: (id: string, to: number) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(
    // A touch that only chooses moves nothing.
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const items = useMemo(() => [...ids], [ids]);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        const to = over ? ids.indexOf(String(over.id)) : -1;
        if (over && active.id !== over.id && to >= 0) onMove(String(active.id), to);
      }}
    >
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** What is dragged: the row itself, by its grip. */
export function useSortableRow(id: string, name: string) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id });
  return {
    rowRef: setNodeRef,
    rowSx: { transform: CSS.Transform.toString(transform), transition, zIndex: isDragging ? 2 : 'auto', position: 'relative' },
    grip: (
      <IconButton ref={setActivatorNodeRef} className="grip" {...attributes} {...listeners} aria-label={t.move({ name })}>
        <GripVertical size={20} />
      </IconButton>
    ),
  } as const;
}

/** A row that can be moved. */
export function SortableBox({
  id,
  name,
  className,
  component = 'div',
  children,
  ...more
}: {
  id: string;
  name: string;
  className?: string;
  component?: 'div' | 'li';
  children: (grip: ReactNode) => ReactNode;
  [attribute: `data-${string}` | `aria-${string}`]: string;
  onFocus?: () => void;
}) {
  const { rowRef, rowSx, grip } = useSortableRow(id, name);
  return (
    <Box component={component} ref={rowRef} className={className ?? ''} sx={rowSx} {...more}>
      {children(grip)}
    </Box>
  );
}
