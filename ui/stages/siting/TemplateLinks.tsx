'use client';
import { Box, Button } from '@mui/material';
import { useMemo } from 'react';
import { templateShapes, templateViews, type TemplateView } from '../../../core/drawing/floor/templateShapes';
import { useWorkspace } from '../../sync/useWorkspace';

const files = [
  { name: 'PDF, A4', query: 'format=pdf&paper=A4' },
  { name: 'PDF, Letter', query: 'format=pdf&paper=Letter' },
  { name: 'SVG', query: 'format=svg' },
  { name: 'DXF', query: 'format=dxf' },
];

/** The template at true scale, to lay on the floor from above or to hold against it from below. */
export function TemplateLinks() {
  const { settled, waiting } = useWorkspace('settled', 'waiting');
  const ready = useMemo(() => templateShapes(settled, 'above') !== null, [settled]);
  if (!ready) return <p className="soft">A template is made once the heater’s size and the holes are entered.</p>;
  return (
    <>
      <p className="soft">
        Print at 100 %, never “fit to page”, and measure the 100 mm bar before anything is marked. Where the maker gives a
        template of its own, that one goes first: lay both over each other.
      </p>
      {waiting.length > 0 && <p>What is not sent yet is not on it.</p>}
      {(Object.keys(templateViews) as TemplateView[]).map((view) => (
        <Box key={view} className="inline" sx={{ mt: 1 }}>
          <Box component="span" sx={{ minWidth: 170 }}>
            {templateViews[view]}
          </Box>
          {files.map(({ name, query }) => (
            <Button
              key={name}
              href={`/api/builds/${settled.id}/template?view=${view}&${query}`}
              download
              aria-label={`Template ${templateViews[view]}, ${name}`}
            >
              {name}
            </Button>
          ))}
        </Box>
      ))}
    </>
  );
}
