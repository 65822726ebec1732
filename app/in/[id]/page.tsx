import { Intake } from '../../../ui/intake/Intake';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ brief?: string }> }) {
  const { brief } = await searchParams;
  return <Intake id={(await params).id} brief={brief && /^\d+$/.test(brief) ? Number(brief) : null} />;
}
