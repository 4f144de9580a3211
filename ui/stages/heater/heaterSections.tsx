'use client';
import { Box, FormLabel, Table, TableBody, TableCell, TableRow } from '@mui/material';
import { identityLabels, type IdentityKey } from '../../../core/commands/kinds/texts';
import { useId, useState } from 'react';
import { buildKinds } from '../../../core/build/Build';
import { roleMay } from '../../../core/people/roles';
import { sections } from '../../../core/build/sections';
import { stageFigures } from '../../../core/figures/stageFigures';
import { limits, makerBounds, makerKeys, type LimitKey } from '../../../core/practices/limits';
import { ruleFor } from '../../../core/practices/ruleFor';
import { fullPractices, type PracticeId } from '../../../core/practices/practices';
import { cellUnit } from '../../../core/units/parseTyped';
import { formatShort } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { PracticeChoices } from '../../components/cells/PracticeChoices';
import { Pick } from '../../components/forms/Pick';
import { FiguresHead } from '../../components/cells/FiguresHead';
import { TextCell } from '../../components/cells/TextCell';
import { TypedCell } from '../../components/cells/TypedCell';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { heater as t } from '../../texts/en/heater';

function MakerRow({ limit }: { limit: LimitKey }) {
  const { settled, send, who } = useWorkspace('settled', 'send', 'who');
  const say = useSay();
  const kept = settled.maker[limit] ?? null;
  const [problem, setProblem] = useState('');
  const id = useId();
  const { label, unit } = limits[limit];
  const without = ruleFor(limit, settled.practices, {});
  const beside = cellUnit(kept, unit, who.unitPreferences);
  return (
    <>
      <TableRow>
        <TableCell>{label}</TableCell>
        <TableCell className="cell soft">{limit === 'fuseA' ? '—' : say(`${formatShort(without.value)} ${unit}`)}</TableCell>
        <TableCell className="cell">
          <TypedCell
            name={t.makersFigure({ label })}
            label={label}
            kept={kept}
            unit={unit}
            decimals={2}
            allowed={makerBounds(limit) ?? { min: 0, max: 0 }}
            besideUnit={beside}
            draftKey={`${settled.id}:maker/${limit}`}
            describedBy={id}
            commit={(to) => send({ kind: 'maker', changes: [{ key: limit, from: kept, to }] })}
            onProblem={setProblem}
          />
        </TableCell>
        <TableCell className="unit">{beside === 'deg' ? '°' : beside}</TableCell>
      </TableRow>
      {problem && (
        <TableRow className="figures-stacked">
          <TableCell colSpan={4} className="cell-problem" role="alert" id={id}>
            {say(problem)}
          </TableCell>
        </TableRow>
      )}
    </>
  );
}

function Particular({ name }: { name: Exclude<IdentityKey, 'kind'> }) {
  const { settled, send } = useWorkspace('settled', 'send');
  const now = settled.identity[name];
  return (
    <label>
      <FormLabel component="span">{identityLabels[name]}</FormLabel>
      <TextCell
        kept={now}
        max={120}
        draftKey={`${settled.id}:identity/${name}`}
        commit={(to) => send({ kind: 'identity', changes: [{ key: name, from: now, to }] })}
      />
    </label>
  );
}

function Particulars() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const { kind } = settled.identity;
  return (
    <Box className="columns" sx={{ mt: 1.25 }}>
      {(['name', 'what', 'place', 'heaterSerial'] as const).map((name) => (
        <Particular key={name} name={name} />
      ))}
      <Pick
        label={t.kind}
        options={Object.entries(buildKinds)}
        value={kind}
        disabled={!mayWork}
        onChange={(event) => void send({ kind: 'identity', changes: [{ key: 'kind', from: kind, to: event.target.value }] })}
      />
    </Box>
  );
}

/** The practices that this build is checked by; they were the workshop's when it was begun, and only a lead changes them. */
function PracticesHere() {
  const { settled, send, who, mayWork } = useWorkspace('settled', 'send', 'who', 'mayWork');
  const [problem, setProblem] = useState('');
  const change = (key: PracticeId, to: string) =>
    setProblem(send({ kind: 'practices', changes: [{ key, from: fullPractices(settled.practices)[key], to }] }).join(' '));
  return (
    <>
      <PracticeChoices
        chosen={fullPractices(settled.practices)}
        onChoose={mayWork && roleMay(who.role, 'manage') ? change : null}
      />
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
    </>
  );
}

function Unit() {
  return (
    <>
      <p className="soft">{t.fromTheDataPlateTheManual}</p>
      <FigureTable paths={sections.heater.unit.figures['Heater and conditions']} caption={t.heaterAndConditions} />
      <DerivedFigures keys={stageFigures.heater ?? []} />
    </>
  );
}

function MakersFigures() {
  return (
    <>
      <p className="soft">{t.whereTheManualGivesOneIt}</p>
      <Table className="figures">
        <FiguresHead columns={[t.workshops, t.makers]} />
        <TableBody>
          {makerKeys.map((key) => (
            <MakerRow key={key} limit={key} />
          ))}
        </TableBody>
      </Table>
    </>
  );
}

/** The unit in hand, the conditions that it must meet, its maker's figures, the workshop's practices, and whose it is. */
export const heaterSections = { unit: Unit, maker: MakersFigures, practices: PracticesHere, particulars: Particulars };
