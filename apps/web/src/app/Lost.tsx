import { Link } from 'react-router';
import { Empty } from '@/ui';

export function Lost() {
  return (
    <Empty title="There is nothing at this address">
      <p>It may name a figure that has gone, or carry a slip of the pen.</p>
      <Link to="/" className="text-lagoon underline">
        To the workroom
      </Link>
    </Empty>
  );
}
