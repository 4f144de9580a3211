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
      <Field label="Name" maxLength={80} {...field('name')} />
      <Field label="What it is, in a few words" maxLength={80} {...field('what')} />
      <Pick label="Kind" options={Object.entries(buildKinds)} {...form.register('kind')} />
      <Field label="Place" maxLength={120} {...field('place')} />
      <Field label="Heater’s serial number" maxLength={60} {...field('heaterSerial')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        Make the build
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
      setProblems(['Choose a build file first.']);
      return;
    }
    if (file.size > buildFileMaxBytes) {
      setProblems([`${file.name} holds ${file.size} bytes; at most ${buildFileMaxBytes} are allowed.`]);
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
          Choose a build file
        </FileButton>
        <span role="status">{file?.name}</span>
      </div>
      <FormControlLabel
        control={<Checkbox checked={asCopy} onChange={(event) => setAsCopy(event.target.checked)} />}
        label="As a copy, with its own id: figures and lists only, nothing that anybody did, saw or signed"
      />
      {problems.length > 0 && <p className="error-line">Nothing was imported.</p>}
      <Problems all={problems.slice(0, 30)} />
      {problems.length > 30 && <p>and {problems.length - 30} more</p>}
      <Button type="submit">Import it</Button>
    </AwakeForm>
  );
}
