import { Intake } from '../../../ui/intake/Intake';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ brief?: string; into?: string }> }) {
  const { brief, into } = await searchParams;
  const number = (text: string | undefined): number | null => (text && /^\d+$/.test(text) ? Number(text) : null);
  return <Intake id={(await params).id} brief={number(brief)} into={number(into)} />;
}
