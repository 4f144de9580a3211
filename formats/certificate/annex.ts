import { sourceOf } from '../../core/checks/findingText';
import { explain, whence } from '../../core/figures/explain';
import { figureIds } from '../../core/figures/figures';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import { soft } from './CertificatePage';
import { day, type Section } from './Section';

/** How each figure was computed, by which rules it was checked, and where these come from. */
export const annex: Section = (page, { build, findings, origins }) => {
  page.heading('Annex: computed figures, their formulas and sources');
  for (const key of figureIds) {
    const figure = explain(build, key, origins);
    if (figure.value === null) continue;
    page.row([
      { text: figure.label, share: 0.27 },
      { text: `${formatFixed(figure.value, figure.decimals)} ${figure.unit}`, share: 0.15, bold: true, right: true },
      { text: figure.formula, share: 0.22, mono: true },
      { text: figure.source, share: 0.36, colour: soft },
    ]);
    // Who measured what stands in the table of figures; here only what went into this one, and what was computed or recorded on the way.
    const inputs = figure.inputs.map(
      (input) =>
        `${input.label.toLowerCase()} ${typeof input.value === 'number' ? formatShort(input.value, 3) : input.value} ${input.unit}`.trim() +
        (input.origin === 'as fitted' ? '' : ` (${whence(input, day)})`),
    );
    if (inputs.length > 0) page.paragraph(`from ${inputs.join(', ')}`, { size: 7.5, colour: soft, indent: 12 });
  }
  page.heading('Annex: rules applied');
  const rules = new Map(
    findings
      .flatMap((c) => c.rules)
      .filter((rule) => rule.origin !== 'default' || rule.value !== 0)
      .map((rule) => [rule.key, rule]),
  );
  for (const rule of rules.values())
    page.row([
      { text: rule.label, share: 0.4 },
      { text: `${formatShort(rule.value)} ${rule.unit}`, share: 0.15, bold: true, right: true },
      { text: rule.source, share: 0.45, colour: soft },
    ]);
  page.heading('Annex: sources of the checks');
  for (const source of new Set(findings.map(sourceOf))) page.paragraph(source, { size: 8.5, colour: soft });
};
