import { Bench } from '../../../ui/bench/Bench';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ different?: string }> }) {
  return <Bench id={Number((await params).id)} opens={(await searchParams).different === undefined ? 'sheet' : 'different'} />;
}
