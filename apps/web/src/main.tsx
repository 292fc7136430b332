import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { BASE } from './api';
import { App, beginPage } from './app';
import './styles.css';
import { askBeforeLeaving, begin, store } from './workspace';

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
const path = window.location.pathname.slice(BASE.length);
void begin(store, path);
void beginPage(path);
askBeforeLeaving(store);
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <App />
    </Provider>
  </StrictMode>,
);
