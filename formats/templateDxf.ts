import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import type { Template, TemplateLayer } from '../core/drawing/floor/templateShapes';

const colours: Record<TemplateLayer, number> = {
  holes: Colors.Red,
  outline: Colors.White,
  datums: Colors.Blue,
  words: Colors.White,
};

/** The template as DXF, in mm, a layer each for holes, outline, datums and words. */
export function writeTemplateDxf({ shapes }: Pick<Template, 'shapes'>): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const [layer, colour] of Object.entries(colours)) dxf.addLayer(layer.toUpperCase(), colour, 'Continuous');
  for (const shape of shapes) {
    const layerName = shape.layer.toUpperCase();
    if (shape.kind === 'circle') dxf.addCircle(point3d(shape.x, shape.y), shape.radius, { layerName });
    else if (shape.kind === 'line') dxf.addLine(point3d(shape.x1, shape.y1), point3d(shape.x2, shape.y2), { layerName });
    // The format's plain text is one line; control characters would end it.
    else dxf.addText(point3d(shape.x, shape.y), shape.sizeMm, shape.text.replace(/[\p{Cc}]/gu, ' '), { layerName });
  }
  return dxf.stringify();
}
