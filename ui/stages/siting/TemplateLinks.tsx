'use client';
import { Box, Button } from '@mui/material';
import { useMemo } from 'react';
import { templateShapes, templateViews, type TemplateView } from '../../../core/drawing/floor/templateShapes';
import { useWorkspace } from '../../sync/useWorkspace';
import { siting as t } from '../../texts/en/siting';

const files = [
  {
    get name() {
      return t.pdfA4;
    },
    query: 'format=pdf&paper=A4',
  },
  {
    get name() {
      return t.pdfLetter;
    },
    query: 'format=pdf&paper=Letter',
  },
  { name: 'SVG', query: 'format=svg' },
  { name: 'DXF', query: 'format=dxf' },
];

/** The template at true scale, to lay on the floor from above or to hold against it from below. */
export function TemplateLinks() {
  const { settled, waiting } = useWorkspace('settled', 'waiting');
  const ready = useMemo(() => templateShapes(settled, 'above') !== null, [settled]);
  if (!ready) return <p className="soft">{t.aTemplateIsMadeOnceThe}</p>;
  return (
    <>
      <p className="soft">{t.printAt100NeverFitTo}</p>
      {waiting.length > 0 && <p>{t.whatIsNotSentYetIs}</p>}
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
              aria-label={t.template({ view: templateViews[view], name })}
            >
              {name}
            </Button>
          ))}
        </Box>
      ))}
    </>
  );
}
