import { Intake } from '../../../ui/intake/Intake';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  return <Intake id={(await params).id} />;
}
