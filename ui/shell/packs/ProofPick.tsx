'use client';
import { licensedTrades, type LicensedTrade } from '../../../core/people/licences';
import { Autocomplete, createFilterOptions, TextField } from '@mui/material';
import { proofKinds, type Proof } from '../../../core/build/pack/RulePack';
import { paperKinds, photoAbouts, type PaperKind, type PhotoAbout } from '../../../core/build/pack/proofKinds';
import { fieldAt, figurePaths } from '../../../core/build/sheets';
import { stageChecks } from '../../../core/checks/allChecks';
import { proofText } from '../../../core/wording/proofText';
import { packs as t } from '../../texts/en/packs';

const kindOf = (proof: Proof): string => proofKinds.find((kind) => kind in proof) ?? '';
/** Checks one by one, and where several begin alike the beginning that they share. */
const checkProofs: Proof[] = [
  ...new Set(stageChecks.flatMap(({ id }) => id.split('.').map((_word, i, words) => words.slice(0, i + 1).join('.')))),
]
  .sort()
  .map((check) => ({ check }));
const options: Proof[] = [
  ...checkProofs,
  ...(Object.keys(photoAbouts) as PhotoAbout[]).map((photo) => ({ photo })),
  ...(Object.keys(paperKinds) as PaperKind[]).map((paper) => ({ paper })),
  ...(Object.keys(licensedTrades) as LicensedTrade[]).map((licensed) => ({ licensed })),
  // Of a choice it matters which; a measure has only to be there.
  ...figurePaths.flatMap((figure): Proof[] => {
    const field = fieldAt(figure);
    return field.kind === 'choice' ? Object.keys(field.options).map((one) => ({ figure, is: [one] })) : [{ figure }];
  }),
];
// Hundreds of figures: the list shows as many as an eye goes through.
const filter = createFilterOptions<Proof>({ limit: 40 });

/** What shows a rule kept, chosen from all that there is; words typed are what somebody looks at. */
export function ProofPick({ label, value, onChange }: { label: string; value: Proof[]; onChange: (proof: Proof[]) => void }) {
  return (
    <Autocomplete<Proof, true, false, true>
      multiple
      freeSolo
      options={options}
      value={value}
      filterOptions={filter}
      groupBy={kindOf}
      getOptionLabel={(option) => (typeof option === 'string' ? option : proofText(option))}
      isOptionEqualToValue={(a, b) => JSON.stringify(a) === JSON.stringify(b)}
      onChange={(_event, chosen) => onChange(chosen.map((one) => (typeof one === 'string' ? { seen: one } : one)))}
      renderInput={(props) => <TextField {...props} label={label} helperText={t.proofHint} />}
    />
  );
}
