import { sourceOf } from '../../core/checks/findingText';
import { explain } from '../../core/figures/explain';
import { figureIds } from '../../core/figures/figures';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import { soft } from './CertificatePage';
import type { Section } from './Section';

/** How each figure was computed, by which rules it was checked, and where these come from: small, in two columns. */
export const annex: Section = (page, { build, findings, origins }) => {
  // A source is told once, and named by its number.
  const numbers = new Map<string, number>();
  const numberOf = (source: string): string => {
    const known = numbers.get(source) ?? numbers.size + 1;
    numbers.set(source, known);
    return `[${known}]`;
  };
  page.heading('Annex: computed figures and their formulas');
  page.paragraph('Which figures each rests on is in the attached build, and told by Lorbet at a touch on it.', {
    size: 8.5,
    colour: soft,
  });
  for (const key of figureIds) {
    const { value, label, decimals, unit, formula, source } = explain(build, key, origins);
    if (value === null) continue;
    page.row([
      { text: label, share: 0.4 },
      { text: `${formatFixed(value, decimals)} ${unit}`, share: 0.18, bold: true, right: true },
      { text: formula, share: 0.34, mono: true },
      { text: numberOf(source), share: 0.08, colour: soft, right: true },
    ]);
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
      { text: rule.label, share: 0.67 },
      { text: `${formatShort(rule.value)} ${rule.unit}`, share: 0.25, bold: true, right: true },
      { text: numberOf(rule.source), share: 0.08, colour: soft, right: true },
    ]);
  page.heading('Annex: sources');
  for (const [source, n] of numbers) page.paragraph(`[${n}] ${source}`, { size: 8.5, colour: soft });
  const told = new Set(findings.map(sourceOf).filter((source) => !numbers.has(source)));
  page.paragraph('And of the checks:', { size: 8.5, bold: true });
  for (const source of told) page.paragraph(source, { size: 8.5, colour: soft });
};
