'use client';
import { Button } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { buildKinds } from '../../core/build/Build';
import { buildFileMaxBytes, parseBuildFile } from '../../core/build/buildFile';
import { postJson } from '../sync/postJson';
import { keepDraft, readDraft } from '../sync/useKeptText';
import { AwakeForm } from '../components/AwakeForm';

const blank = { name: '', what: '', kind: 'road', place: '', heaterSerial: '' };
const draftKey = 'new-build';

/** What is typed here is kept on the device until the build is begun. */
export function NewBuildForm() {
  const {
    register,
    handleSubmit,
    reset,
    getValues,
    formState: { errors },
  } = useForm({ defaultValues: blank });
  useEffect(() => {
    const draft = readDraft(draftKey);
    if (draft) reset({ ...blank, ...(JSON.parse(draft) as Partial<typeof blank>) });
  }, [reset]);
  const [problems, setProblems] = useState<string[]>([]);
  const begin = async (values: object) => {
    const answer = await postJson<{ id: string }>('/api/builds', values);
    if (!answer.ok) {
      setProblems(answer.errors);
      return;
    }
    keepDraft(draftKey, null);
    window.location.assign(`/builds/${answer.value.id}/heater`);
  };
  return (
    <AwakeForm
      className="form-narrow"
      onSubmit={(event) => void handleSubmit(begin)(event)}
      onChange={() => keepDraft(draftKey, JSON.stringify(getValues()))}
    >
      <label>
        <span className="field-label">Name</span>
        <input
          className="text-field"
          maxLength={80}
          {...register('name', { validate: (name) => name.trim() !== '' || 'Give it a name of 1 to 80 characters.' })}
        />
      </label>
      {errors.name && (
        <p className="error-line" role="alert">
          {errors.name.message}
        </p>
      )}
      <label>
        <span className="field-label">What it is, in a few words</span>
        <input className="text-field" maxLength={80} {...register('what')} />
      </label>
      <label>
        <span className="field-label">Kind</span>
        <select className="text-field" {...register('kind')}>
          {Object.entries(buildKinds).map(([id, label]) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <label>
        <span className="field-label">Place</span>
        <input className="text-field" maxLength={120} {...register('place')} />
      </label>
      <label>
        <span className="field-label">Heater’s serial number</span>
        <input className="text-field" maxLength={60} {...register('heaterSerial')} />
      </label>
      {problems.length > 0 && (
        <ul className="error-line" role="alert">
          {problems.map((problem) => (
            <li key={problem}>{problem}</li>
          ))}
        </ul>
      )}
      <Button type="submit" variant="contained">
        Make the build
      </Button>
    </AwakeForm>
  );
}

/** A build file is read here first, so that a damaged one is refused at once with every error. */
export function ImportForm() {
  const file = useRef<HTMLInputElement>(null);
  const [asCopy, setAsCopy] = useState(false);
  const [problems, setProblems] = useState<string[]>([]);
  const bringIn = async () => {
    const chosen = file.current?.files?.[0];
    if (!chosen) {
      setProblems(['Choose a build file first.']);
      return;
    }
    if (chosen.size > buildFileMaxBytes) {
      setProblems([`${chosen.name} holds ${chosen.size} bytes; at most ${buildFileMaxBytes} are allowed.`]);
      return;
    }
    const text = await chosen.text();
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
      <label>
        <span className="field-label">Build file (JSON)</span>
        <input
          ref={file}
          className="text-field"
          style={{ paddingTop: 10 }}
          type="file"
          accept=".json,application/json"
          onChange={() => setProblems([])}
        />
      </label>
      <label className="inline" style={{ minHeight: 44, flexWrap: 'nowrap' }}>
        <input
          type="checkbox"
          checked={asCopy}
          onChange={(event) => setAsCopy(event.target.checked)}
          style={{ width: 24, height: 24, flex: 'none' }}
        />{' '}
        As a copy, with its own id: figures and lists only, nothing that anybody did, saw or signed
      </label>
      {problems.length > 0 && (
        <div role="alert">
          <p className="error-line">Nothing was imported.</p>
          <ul className="error-line">
            {problems.slice(0, 30).map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
          {problems.length > 30 && <p>and {problems.length - 30} more</p>}
        </div>
      )}
      <Button type="submit">Import it</Button>
    </AwakeForm>
  );
}
