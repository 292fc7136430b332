import { Toaster } from 'sonner';

export { toast } from 'sonner';

export const Place = () => (
  <Toaster position="bottom-right" style={{ fontFamily: 'inherit' }} toastOptions={{ className: 'rounded-cut' }} />
);
