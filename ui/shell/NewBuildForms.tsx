'use client';
import { Button, Checkbox, FormControlLabel } from '@mui/material';
import { useEffect, useState } from 'react';
import { buildKinds } from '../../core/build/Build';
import { newBuildSchema } from '../../core/build/buildSchema';
import { buildFileMaxBytes, parseBuildFile } from '../../core/build/buildFile';
import { postJson } from '../sync/postJson';
import { keepDraft, readDraft } from '../sync/useKeptText';
import { AwakeForm } from '../components/AwakeForm';
import { FileButton } from '../components/cells/FileButton';
import { Problems } from '../components/cells/Problems';
import { bySchema } from '../components/forms/bySchema';
import { Field } from '../components/forms/Field';
import { Pick } from '../components/forms/Pick';
import { useSentForm } from '../components/forms/useSentForm';
import { bay as t } from '../texts/en/bay';

const blank = { name: '', what: '', kind: 'road', place: '', heaterSerial: '' };
const draftKey = 'new-build';

/** What is typed here is kept on the device until the build is begun. */
export function NewBuildForm() {
  const { form, field, send, problems } = useSentForm<typeof blank>(blank, bySchema(newBuildSchema()));
  const { reset, getValues } = form;
  useEffect(() => {
    const draft = readDraft(draftKey);
    if (draft) reset({ ...blank, ...(JSON.parse(draft) as Partial<typeof blank>) });
  }, [reset]);
  const begin = async (values: object) => {
    const answer = await postJson<{ id: string }>('/api/builds', values);
    if (answer.ok) {
      keepDraft(draftKey, null);
      window.location.assign(`/builds/${answer.value.id}/heater`);
    }
    return answer;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(begin)} onChange={() => keepDraft(draftKey, JSON.stringify(getValues()))}>
      <Field label={t.name} maxLength={80} {...field('name')} />
      <Field label={t.whatItIsInAFew} maxLength={80} {...field('what')} />
      <Pick label={t.kind} options={Object.entries(buildKinds)} {...form.register('kind')} />
      <Field label={t.place} maxLength={120} {...field('place')} />
      <Field label={t.heatersSerialNumber} maxLength={60} {...field('heaterSerial')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.makeTheBuild}
      </Button>
    </AwakeForm>
  );
}

/** A build file is read here first, so that a damaged one is refused at once with every error. */
export function ImportForm() {
  const [file, setFile] = useState<File | null>(null);
  const [asCopy, setAsCopy] = useState(false);
  const [problems, setProblems] = useState<string[]>([]);
  const bringIn = async () => {
    if (!file) {
      setProblems([t.chooseABuildFileFirst]);
      return;
    }
    if (file.size > buildFileMaxBytes) {
      setProblems([t.holdsBytesAtMostAreAllowed({ name: file.name, size: file.size, buildFileMaxBytes })]);
      return;
    }
    const text = await file.text();
    const read = parseBuildFile(text);
    if (!read.ok) {
      setProblems(read.errors);
      return;
    }
    const answer = await postJson<{ id: string }>('/api/builds/import', { file: JSON.parse(text) as object, asCopy });
    if (answer.ok) window.location.assign(`/builds/${answer.value.id}/fuel`);
    else setProblems(answer.errors);
  };
  return (
    <AwakeForm
      className="form-narrow"
      onSubmit={(event) => {
        event.preventDefault();
        void bringIn();
      }}
    >
      <div className="inline">
        <FileButton
          name="Build file (JSON)"
          accept=".json,application/json"
          onFiles={([chosen]) => {
            setProblems([]);
            setFile(chosen ?? null);
          }}
        >
          {t.chooseABuildFile}
        </FileButton>
        <span role="status">{file?.name}</span>
      </div>
      <FormControlLabel
        control={<Checkbox checked={asCopy} onChange={(event) => setAsCopy(event.target.checked)} />}
        label={t.asACopyWithItsOwn}
      />
      {problems.length > 0 && <p className="error-line">{t.nothingWasImported}</p>}
      <Problems all={problems.slice(0, 30)} />
      {problems.length > 30 && <p>{t.andMore({ n: problems.length - 30 })}</p>}
      <Button type="submit">{t.importIt}</Button>
    </AwakeForm>
  );
}
