import { Toaster } from 'sonner';

export { toast } from 'sonner';

export const Place = () => <Toaster position="bottom-right" toastOptions={{ className: 'rounded-cut' }} />;
