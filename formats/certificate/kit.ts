import { lists, rowsOf } from '../../core/build/lists';
import { partKinds } from '../../core/build/listKinds';
import { toFloor } from '../../core/model/siting/frame';
import { placeOf, sitingLists } from '../../core/model/siting/SitingPlan';
import { formatShort } from '../../core/units/formatNumber';
import { soft } from './CertificatePage';
import type { Section } from './Section';

/** Parts with their serials and marks, and the holes that were cut. */
export const kit: Section = (page, { build }) => {
  const parts = rowsOf(build.lists, 'parts');
  if (parts.length > 0) {
    page.heading('Kit');
    const { state, weak } = lists.parts.columns;
    for (const row of parts)
      page.row([
        { text: row.name ?? (row.kind ? partKinds[row.kind] : 'part'), share: 0.4 },
        { text: row.state ? state.options[row.state] : 'not looked at', share: 0.16, bold: true },
        {
          text: [
            row.serial && `serial ${row.serial}`,
            row.mark,
            row.weak && row.weak !== 'none' && `known as weak: ${weak.options[row.weak]}`,
          ]
            .filter(Boolean)
            .join(' · '),
          share: 0.44,
          colour: soft,
        },
      ]);
  }
  const place = placeOf(build);
  const { holes } = sitingLists(build);
  if (place && holes.length > 0) {
    page.heading('Holes');
    page.paragraph(
      `Heater’s middle ${formatShort(place.x, 1)} mm from the front and ${formatShort(place.y, 1)} mm from the left of the floor, hot end turned ${formatShort(place.turnDeg)}°.`,
    );
    for (const hole of holes) {
      const at = toFloor(place, hole);
      page.row([
        { text: hole.name, share: 0.4 },
        { text: `${formatShort(hole.radius * 2, 1)} mm`, share: 0.16, bold: true },
        {
          text: `${formatShort(at.x, 1)} mm from the front, ${formatShort(at.y, 1)} mm from the left`,
          share: 0.44,
          colour: soft,
        },
      ]);
    }
  }
};
