import { stageIds } from '../../../../core/build/stages';
import { notFound } from 'next/navigation';

/** Only says which sheets there are; the bench in the layout shows them. */
export default async function Stage({ params }: { params: Promise<{ stage: string }> }) {
  const { stage } = await params;
  if (![...stageIds, 'heater'].includes(stage)) notFound();
  return null;
}
