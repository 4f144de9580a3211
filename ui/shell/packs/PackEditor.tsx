'use client';
import { licensedTrades, type LicensedTrade } from '../../../core/people/licences';
import { Autocomplete, Button, Checkbox, FormControlLabel, FormGroup, FormLabel, TextField } from '@mui/material';
import { useState } from 'react';
import { buildKinds, type BuildKind } from '../../../core/build/buildKinds';
import { packSchema } from '../../../core/build/pack/packSchema';
import { ruleSigners, type PackRule, type RulePack } from '../../../core/build/pack/RulePack';
import { validate } from '../../../core/build/readBuild';
import { proofText } from '../../../core/wording/proofText';
import { writePackJson } from '../../../formats/rulePackJson';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';
import { Pick } from '../../components/forms/Pick';
import { Opened } from '../../components/Opened';
import { saveAs } from '../../components/lists/saveAs';
import { packs as t } from '../../texts/en/packs';
import { RuleFields } from './RuleFields';

const fileName = ({ name }: RulePack) => `rule-pack-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.json`;
const kinds = Object.entries(buildKinds) as [BuildKind, string][];
const trades = Object.keys(licensedTrades) as LicensedTrade[];
const howMany = [
  ['1', t.onePerson],
  ['2', t.twoPeople],
] as const;

/** A rule as it reads, for those who only look. */
const RuleText = ({ rule }: { rule: PackRule }) => (
  <>
    <p>{rule.says}</p>
    <p className="soft">{rule.proof.map(proofText).join(' · ')}</p>
    <p className="soft">
      {rule.code}. {t.signs}: {ruleSigners[rule.signs]}.{rule.fromMemory && ` ${t.fromMemory}.`}
    </p>
  </>
);

/** One pack: what it is about, who signs under it, and its rules. */
export function PackEditor({
  pack: given,
  mayChange,
  onKeep,
  onCopy,
}: {
  pack: RulePack;
  mayChange: boolean;
  onKeep: (pack: RulePack) => Promise<readonly string[]>;
  onCopy?: () => void;
}) {
  const [pack, setPack] = useState(given);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [told, setTold] = useState('');
  const change = (part: Partial<RulePack>) => {
    setPack({ ...pack, ...part });
    setTold('');
  };
  const keep = async () => {
    const read = validate<RulePack>(packSchema(), pack);
    const errors = read.ok ? await onKeep(read.value) : read.errors;
    setProblems(errors);
    setTold(errors.length === 0 ? t.kept : '');
  };
  const setRule = (i: number, rule: PackRule) => change({ rules: pack.rules.map((one, n) => (n === i ? rule : one)) });
  const add = () =>
    change({
      rules: [
        ...pack.rules,
        { number: String(pack.rules.length + 1), code: '', says: '', fromMemory: true, proof: [], signs: 'fitter' },
      ],
    });
  return (
    <section aria-label={given.name}>
      <h2>{pack.name}</h2>
      {mayChange ? (
        <div className="stack">
          <Field label={t.name} maxLength={80} value={pack.name} onChange={(e) => change({ name: e.target.value })} />
          <Field
            label={t.about}
            maxLength={600}
            multiline
            minRows={2}
            value={pack.about}
            onChange={(e) => change({ about: e.target.value })}
          />
          <FormGroup aria-label={t.kinds} role="group">
            <FormLabel component="span">{t.kinds}</FormLabel>
            {kinds.map(([kind, label]) => (
              <FormControlLabel
                key={kind}
                className="choice"
                label={label}
                control={
                  <Checkbox
                    checked={pack.kinds.includes(kind)}
                    onChange={(_event, on) =>
                      change({ kinds: on ? [...pack.kinds, kind] : pack.kinds.filter((one) => one !== kind) })
                    }
                  />
                }
              />
            ))}
          </FormGroup>
          <Pick
            label={t.signatures}
            options={howMany}
            value={String(pack.signatures)}
            onChange={(e) => change({ signatures: e.target.value === '2' ? 2 : 1 })}
          />
          <Autocomplete
            multiple
            options={trades}
            value={pack.signers}
            getOptionLabel={(trade) => licensedTrades[trade]}
            onChange={(_event, signers) => change({ signers })}
            renderInput={(props) => (
              <TextField {...props} label={t.signers} placeholder={pack.signers.length === 0 ? t.nothing : ''} />
            )}
          />
        </div>
      ) : (
        <p className="soft">{pack.about}</p>
      )}
      <h3>{t.rules}</h3>
      <ul className="plain">
        {pack.rules.map((rule, i) => (
          <li key={i} className="card-row">
            {mayChange ? (
              <Opened line={`${rule.number}  ${rule.says || t.nothing}`}>
                <RuleFields
                  rule={rule}
                  onChange={(next) => setRule(i, next)}
                  onDrop={() => change({ rules: pack.rules.filter((one) => one !== rule) })}
                />
              </Opened>
            ) : (
              <>
                <strong>{t.rule({ number: rule.number })}</strong>
                <RuleText rule={rule} />
              </>
            )}
          </li>
        ))}
      </ul>
      <div className="inline">
        {mayChange && <Button onClick={add}>{t.addRule}</Button>}
        {mayChange && (
          <Button variant="contained" onClick={() => void keep()}>
            {t.keep}
          </Button>
        )}
        {onCopy && <Button onClick={onCopy}>{t.copy}</Button>}
        <Button variant="text" onClick={() => saveAs(writePackJson(pack), 'application/json', fileName(pack))}>
          {t.saveFile}
        </Button>
      </div>
      <p role="status">{told}</p>
      <Problems all={problems} />
    </section>
  );
}
