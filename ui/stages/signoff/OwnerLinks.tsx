import { Box, Button } from '@mui/material';
import { useState } from 'react';
import useSWR from 'swr';
import { Problems } from '../../components/cells/Problems';
import { getJson, postJson } from '../../sync/postJson';
import { useWorkspace } from '../../sync/useWorkspace';
import { owner as t } from '../../texts/en/owner';
import { dayAndTime } from '../../texts/when';

interface Link {
  id: string;
  madeAt: string;
  madeBy: string;
  endedAt: string | null;
  endedBy: string | null;
}
interface Links {
  token?: string | null;
  links: Link[];
}

/** Links by which the owner reads what is for them: made, shown once, ended. */
export function OwnerLinks() {
  const { settled } = useWorkspace('settled');
  const url = `/api/builds/${settled.id}/owner/links`;
  const { data, mutate } = useSWR(url, (asked) => getJson<Links>(asked));
  const [token, setToken] = useState<string | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const ask = async (action: object) => {
    const answer = await postJson<Links>(url, action);
    setProblems(answer.ok ? [] : answer.errors);
    if (!answer.ok) return;
    setToken(answer.value.token ?? null);
    await mutate(answer, { revalidate: false });
  };
  const links = data?.ok ? data.value.links : [];
  return (
    <Box component="section" sx={{ mt: 2.75 }}>
      <h3 className="hold-point">{t.links}</h3>
      <p className="soft">{t.linksIntro}</p>
      <Box sx={{ my: 1 }}>
        <Button onClick={() => void ask({ action: 'make' })}>{t.make}</Button>
      </Box>
      {token && (
        <div className="banner" role="status">
          <p>
            <strong>{t.giveIt}</strong>
          </p>
          <Box component="p" className="mono" sx={{ overflowWrap: 'anywhere' }} data-link>
            {`${window.location.origin}/owner#${token}`}
          </Box>
        </div>
      )}
      <Problems all={problems} />
      <ul className="plain">
        {links.map(({ id, madeAt, madeBy, endedAt, endedBy }) => (
          <li key={id} className="inline">
            <span>{t.madeBy({ when: dayAndTime(Date.parse(madeAt)), by: madeBy })}</span>
            {endedAt === null ? (
              <Button
                variant="text"
                aria-label={t.endOf({ when: dayAndTime(Date.parse(madeAt)) })}
                onClick={() => void ask({ action: 'end', id })}
              >
                {t.end}
              </Button>
            ) : (
              <span className="soft">{t.endedBy({ when: dayAndTime(Date.parse(endedAt)), by: endedBy ?? '' })}</span>
            )}
          </li>
        ))}
      </ul>
    </Box>
  );
}
