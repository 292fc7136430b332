import { Link } from 'react-router';
import { Empty } from '@/ui';

/** What a form says in a catalogue that is too empty for it. */
export const NothingYet = ({ what }: { readonly what: string }) => (
  <Empty title="The catalogue is empty">
    <p>
      This needs {what} to begin with.{' '}
      <Link to="/" className="text-lagoon underline">
        Start with the basics, or read a catalogue
      </Link>
      .
    </p>
  </Empty>
);
