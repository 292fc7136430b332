import { Navigate } from 'react-router';
import { Empty } from '@/ui';
import { useNames } from '@/workspace';

/** Opens the first line-up. */
export function Home() {
  const [first] = useNames();
  if (first) return <Navigate to={`/line-ups/${first.id}`} replace />;
  return (
    <Empty title="No line-up yet">
      <p>Start with the demo to look round: close Outfit and run “npm run demo”.</p>
    </Empty>
  );
}
