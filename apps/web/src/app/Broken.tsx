import { BASE } from '@/api';
import { Empty } from '@/ui';

/** What a screen that broke says, instead of its inside. */
export function Broken() {
  return (
    <Empty title="This screen broke">
      <p>What you saved is kept. Reload the page; if it breaks again, start from the first page.</p>
      <p>
        <a href={`${BASE}/`} className="text-lagoon underline">
          To the first page
        </a>
      </p>
    </Empty>
  );
}
