import { ThemeProvider } from '@mui/material/styles';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import type { Build } from '../core/build/Build';
import type { Role } from '../core/people/roles';
import { Outbox } from '../ui/sync/Outbox';
import type { PhotoQueue } from '../ui/sync/PhotoQueue';
import { WorkspaceContext } from '../ui/sync/useWorkspace';
import { wayTo } from '../ui/sync/way';
import { createWorkspace } from '../ui/sync/workspace';
import { theme } from '../ui/theme/theme';
import { FakeServer, memoryShelf, sharedLock, who } from './fakeServer';

const noPhotos = { waiting: [], subscribe: () => () => undefined } as unknown as PhotoQueue;

/** Draws a component in a workspace of that build, with nothing sent; what it enters stands in `outbox`. */
export function showIn(build: Build, element: ReactElement, role: Role = 'lead') {
  const server = new FakeServer(build);
  const outbox = new Outbox(
    { known: server.known, tag: server.tag, who: { ...who, role } },
    {
      buildId: build.id,
      way: wayTo(build.id),
      shelf: memoryShelf(),
      exclusively: sharedLock(),
      nowMs: () => Date.parse('2026-11-26T10:00:00Z'),
      newId: () => crypto.randomUUID(),
    },
  );
  const workspace = createWorkspace({
    outbox,
    photos: noPhotos,
    fetchEarlier: () => Promise.resolve(null),
    nowMs: () => Date.parse('2026-11-26T10:00:00Z'),
  });
  workspace.follow();
  const shown = render(
    <ThemeProvider theme={theme}>
      <WorkspaceContext value={workspace}>{element}</WorkspaceContext>
    </ThemeProvider>,
  );
  return { ...shown, outbox, workspace };
}
