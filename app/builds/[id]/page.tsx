import { redirect } from 'next/navigation';

export default async function Build({ params }: { params: Promise<{ id: string }> }) {
  redirect(`/builds/${(await params).id}/fuel`);
}
