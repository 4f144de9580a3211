'use client';
import type { Licence } from '../../../core/people/licences';
import { Box, Button, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useState } from 'react';
import type { SignInRecord } from '../../../core/people/SignInRecord';
import { inviteSchema } from '../../../core/build/personSchemas';
import { roles, type Role } from '../../../core/people/roles';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { SignInNameField } from '../../components/forms/PersonFields';
import { Pick } from '../../components/forms/Pick';
import { useSentForm } from '../../components/forms/useSentForm';
import { useProven } from '../../components/step/useProven';
import { step as s } from '../../texts/en/step';
import { people as t } from '../../texts/en/people';
import { dayAndTime } from '../../texts/when';
import { LicenceRows } from './LicenceRows';

export interface Member {
  id: string;
  name: string;
  login: string;
  role: Role;
  disabled: boolean;
  invited: boolean;
  twofold: boolean;
  licences: Licence[];
}
const roleHints: Record<Role, string> = {
  viewer: 'looks',
  get fitter() {
    return t.looksWorksSigns;
  },
  get lead() {
    return t.looksWorksSignsWaivesManagesPeople;
  },
};

/** A link that is shown once: it is not kept anywhere, only its hash is. */
function LinkOnce({ token, name }: { token: string; name: string }) {
  return (
    <div className="banner" role="status">
      <p>
        <strong>{t.giveThisLinkTo({ name })}</strong> {t.itWorksOnceForThreeDays}
      </p>
      <Box component="p" className="mono" sx={{ overflowWrap: 'anywhere' }} data-link>
        {`${window.location.origin}/join/${token}`}
      </Box>
    </div>
  );
}

const roleOptions = (Object.keys(roles) as Role[]).map((role) => [role, `${role}: ${roleHints[role]}`] as const);

function MemberRow({ member, self, onDone }: { member: Member; self: boolean; onDone: () => void }) {
  const [errors, setErrors] = useState<string[]>([]);
  const [token, setToken] = useState<string | null>(null);
  const { proven, form } = useProven();
  const change = (action: object) =>
    proven(async () => {
      const answer = await postJson<{ token: string | null }>('/api/crew', { personId: member.id, ...action });
      setErrors(answer.ok || answer.status === 428 ? [] : answer.errors);
      if (answer.ok) {
        setToken(answer.value.token);
        onDone();
      }
      return answer;
    });
  return (
    <li className="crew-row">
      <div>
        <strong>{member.name}</strong>
        {self && <span className="soft"> {t.you}</span>}
        <p className="soft">
          {member.login}
          {member.disabled ? t.disabled : member.invited ? t.hasNotChosenAPasswordYet : ''}
          {member.twofold ? s.hasOne : member.role === 'lead' ? s.leadHasNone : ''}
        </p>
      </div>
      <Pick
        label={t.roleOf({ name: member.name })}
        labelIsShown={false}
        options={roleOptions}
        value={member.role}
        onChange={(event) => void change({ action: 'role', role: event.target.value })}
      />
      <div className="inline">
        <Button onClick={() => void change({ action: member.disabled ? 'enable' : 'disable' })}>
          {member.disabled ? t.enable : t.disable}
          <span className="visually-hidden"> {member.name}</span>
        </Button>
        <Button onClick={() => void change({ action: 'reset' })}>
          {t.newPassword}
          <span className="visually-hidden"> {t.forText({ name: member.name })}</span>
        </Button>
        {member.twofold && !self && (
          <Button onClick={() => void change({ action: 'secondStep' })}>
            {s.takeItAway}
            <span className="visually-hidden"> {t.forText({ name: member.name })}</span>
          </Button>
        )}
      </div>
      <LicenceRows
        key={JSON.stringify(member.licences)}
        name={member.name}
        licences={member.licences}
        onKeep={(licences) => void change({ action: 'licences', licences })}
      />
      <Problems all={errors} />
      {form}
      {token && <LinkOnce token={token} name={member.name} />}
    </li>
  );
}

const somebody = { name: '', login: '', role: 'fitter' };

function InviteForm({ onDone }: { onDone: () => void }) {
  const { form, field, send, problems } = useSentForm<typeof somebody>(somebody, bySchema(inviteSchema()));
  const { proven, form: ask } = useProven();
  const [given, setGiven] = useState<{ token: string; name: string } | null>(null);
  const invite = async (values: { name: string }) => {
    const answer = await postJson<{ token: string }>('/api/crew/invite', values);
    if (answer.ok) {
      setGiven({ token: answer.value.token, name: values.name });
      form.reset();
      onDone();
    }
    return answer;
  };
  return (
    <>
      <AwakeForm className="form-narrow" onSubmit={send((values) => proven(() => invite(values)))}>
        <Field label={t.nameAsItStandsUnderCertificates} maxLength={80} {...field('name')} />
        <SignInNameField {...field('login')} />
        <Pick label={t.role} options={roleOptions} {...form.register('role')} />
        <Problems all={problems} />
        <Button type="submit" variant="contained">
          {t.makeALinkForThisPerson}
        </Button>
        {given && <LinkOnce token={given.token} name={given.name} />}
      </AwakeForm>
      {ask}
    </>
  );
}

/** A lead's page: who is of the workshop, what each may do, and who came in when. */
export function CrewView({
  crew,
  signIns,
  self,
  refresh,
}: {
  crew: readonly Member[];
  signIns: readonly SignInRecord[];
  self: string;
  refresh: () => void;
}) {
  return (
    <>
      <Box component="ul" sx={{ mt: 1 }}>
        {crew.map((member) => (
          <MemberRow key={member.id} member={member} self={member.id === self} onDone={refresh} />
        ))}
      </Box>
      <Box className="columns" sx={{ mt: 3.25 }}>
        <section>
          <h2>{t.somebodyNew}</h2>
          <InviteForm onDone={refresh} />
        </section>
        <section>
          <h2>{t.whoCameInAndWhatWas}</h2>
          <p className="soft">{t.theNewestThisRecordCanBe({ n: signIns.length })}</p>
          <div className="sign-ins" tabIndex={0} role="region" aria-label={t.recordOfSignIns}>
            <Table>
              <TableHead>
                <TableRow>
                  <TableCell>{t.when}</TableCell>
                  <TableCell>{t.who}</TableCell>
                  <TableCell>{t.what}</TableCell>
                  <TableCell>{t.from}</TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {signIns.map((line, i) => (
                  <TableRow key={i}>
                    <TableCell className="mono">{dayAndTime(line.at)}</TableCell>
                    <TableCell>{line.login}</TableCell>
                    <TableCell>
                      {line.event}
                      {line.by && <span className="soft"> {t.byBy({ by: line.by })}</span>}
                    </TableCell>
                    <TableCell className="mono soft" title={line.agent}>
                      {line.address || '—'}
                    </TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </div>
        </section>
      </Box>
    </>
  );
}
