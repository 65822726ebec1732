import { Desk } from '../ui/desk/Desk';

export default function Page() {
  return <Desk />;
}
