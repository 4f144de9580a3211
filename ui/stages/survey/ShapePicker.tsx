'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { figureAt, type FigurePath } from '../../../core/build/sheets';
import { bodyShapes, roughSurvey, shapeSurfaces, type BodyShapeId } from '../../../core/model/heat/bodyShapes';
import { buildUps, glazings, type BuildUpId, type GlazingId } from '../../../core/physics/heat/buildUps';
import { Pick } from '../../components/forms/Pick';
import { useWorkspace } from '../../sync/useWorkspace';
import { useRows } from '../../components/lists/useRows';
import { survey as t } from '../../texts/en/survey';

/** A body to begin with, for a rough answer in a minute; measured and refined later. */
export function ShapePicker() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const { rows, change } = useRows('surfaces');
  const [shape, setShape] = useState<BodyShapeId>('van');
  const [buildUp, setBuildUp] = useState<BuildUpId>('thin');
  const [glazing, setGlazing] = useState<GlazingId>('single');
  const [told, setTold] = useState('');
  if (!mayWork) return null;
  const figures = (kept: (path: FigurePath) => boolean) =>
    (Object.entries(roughSurvey(shape, buildUp, glazing)) as [FigurePath, number | string][])
      .filter(([path]) => kept(path))
      .map(([path, to]) => ({ path, slot: 'planned' as const, from: figureAt(settled.sheets, path).planned, to }));
  const rough = () => {
    const errors = send({ kind: 'figures', changes: figures(() => true) });
    setTold(errors.join(' ') || t.roughFiguresEnteredMeasureAndCorrect({ label: bodyShapes[shape].label }));
  };
  const apart = () => {
    const errors = [
      ...send({ kind: 'figures', changes: figures((path) => path === 'survey.volumeM3' || path === 'survey.airChangesH') }),
      ...change([
        ...rows.map((row) => ({ list: 'surfaces' as const, row: row.id, action: 'remove' as const })),
        ...shapeSurfaces(shape, buildUp, glazing).map((values) => ({
          list: 'surfaces' as const,
          row: crypto.randomUUID(),
          action: 'add' as const,
          values,
        })),
      ]),
    ];
    setTold(errors.join(' ') || t.sixSurfacesAddedMeasureEachAnd({ label: bodyShapes[shape].label }));
  };
  const pick = <T extends string>(label: string, value: T, set: (v: T) => void, options: Record<T, { label: string }>) => (
    <Pick
      label={label}
      options={(Object.entries(options) as [T, { label: string }][]).map(([id, option]) => [id, option.label] as const)}
      value={value}
      onChange={(event) => set(event.target.value as T)}
    />
  );
  return (
    <section aria-label={t.aBodyToBeginWith}>
      <Box className="columns" sx={{ gap: '10px 16px', gridTemplateColumns: 'repeat(auto-fit, minmax(min(190px, 100%), 1fr))' }}>
        {pick(t.body, shape, setShape, bodyShapes)}
        {pick(t.walls, buildUp, setBuildUp, buildUps)}
        {pick(t.windows, glazing, setGlazing, glazings)}
      </Box>
      <Box className="inline" sx={{ mt: 1.25 }}>
        <Button onClick={rough}>{t.roughFourAreas}</Button>
        <Button onClick={apart}>{rows.length > 0 ? t.inPlaceOfTheSurfaces({ n: rows.length }) : t.finerSurfaceBySurface}</Button>
      </Box>
      {told && (
        <Box component="p" className="soft" role="status" sx={{ mt: 0.75 }}>
          {told}
        </Box>
      )}
    </section>
  );
}
