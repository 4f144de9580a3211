'use client';
import { Autocomplete, Button, Checkbox, FormControlLabel, TextField } from '@mui/material';
import { ruleSigners, type PackRule, type RuleSigner } from '../../../core/build/pack/RulePack';
import { fieldAt, figurePaths, type FigurePath } from '../../../core/build/sheets';
import { Field } from '../../components/forms/Field';
import { Pick } from '../../components/forms/Pick';
import { packs as t } from '../../texts/en/packs';
import { ProofPick } from './ProofPick';

interface Where {
  figure: FigurePath;
  is: string;
}
const wheres: Where[] = figurePaths.flatMap((figure) => {
  const field = fieldAt(figure);
  return field.kind === 'choice' ? Object.keys(field.options).map((is) => ({ figure, is })) : [];
});
const whereText = ({ figure, is }: Where): string => {
  const field = fieldAt(figure);
  return `${field.label}: ${field.kind === 'choice' ? (field.options as Record<string, string>)[is] : is}`;
};
const signers = Object.entries(ruleSigners);

/** One rule as fields. */
export function RuleFields({
  rule,
  onChange,
  onDrop,
}: {
  rule: PackRule;
  onChange: (rule: PackRule) => void;
  onDrop: () => void;
}) {
  const where = (rule.only?.is ?? []).map((is) => ({ figure: rule.only?.figure ?? 'wiring.feedSource', is }));
  const call = (chosen: readonly Where[]) => {
    const { only: _only, ...rest } = rule;
    const figure = chosen.at(-1)?.figure;
    onChange(
      figure ? { ...rest, only: { figure, is: chosen.filter((one) => one.figure === figure).map(({ is }) => is) } } : rest,
    );
  };
  return (
    <div className="stack">
      <Field
        label={t.number}
        maxLength={20}
        value={rule.number}
        onChange={(e) => onChange({ ...rule, number: e.target.value })}
      />
      <Field label={t.code} maxLength={80} value={rule.code} onChange={(e) => onChange({ ...rule, code: e.target.value })} />
      <Field
        label={t.says}
        maxLength={400}
        multiline
        minRows={2}
        value={rule.says}
        onChange={(e) => onChange({ ...rule, says: e.target.value })}
      />
      <FormControlLabel
        className="choice"
        control={<Checkbox checked={rule.fromMemory} onChange={(_event, fromMemory) => onChange({ ...rule, fromMemory })} />}
        label={t.fromMemory}
      />
      <ProofPick label={t.proof} value={rule.proof} onChange={(proof) => onChange({ ...rule, proof })} />
      <Pick
        label={t.signs}
        options={signers}
        value={rule.signs}
        onChange={(e) => onChange({ ...rule, signs: e.target.value as RuleSigner })}
      />
      <Autocomplete
        multiple
        options={wheres}
        value={where}
        groupBy={({ figure }) => fieldAt(figure).label}
        getOptionLabel={whereText}
        isOptionEqualToValue={(a, b) => a.figure === b.figure && a.is === b.is}
        onChange={(_event, chosen) => call(chosen)}
        renderInput={(props) => <TextField {...props} label={t.only} placeholder={where.length === 0 ? t.always : ''} />}
      />
      <Button variant="text" onClick={onDrop}>
        {t.dropRule({ number: rule.number })}
      </Button>
    </div>
  );
}
