import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { BASE } from './api';
import { router } from './app';
import './styles.css';
import { begin, store } from './workspace';

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
void begin(store, window.location.pathname.slice(BASE.length));
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      {/* In one go: a page drawn in slices is begun afresh by every answer that comes meanwhile. */}
      <RouterProvider router={router} useTransitions={false} />
    </Provider>
  </StrictMode>,
);
