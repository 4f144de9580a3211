import { notFound } from 'next/navigation';
import { stageIds } from '../../../../core/checks/Finding';

/** Only says which sheets there are; the bench in the layout shows them. */
export default async function Stage({ params }: { params: Promise<{ stage: string }> }) {
  const { stage } = await params;
  if (![...stageIds, 'heater'].includes(stage)) notFound();
  return null;
}
