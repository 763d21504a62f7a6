import '@fontsource-variable/source-sans-3/index.css';
import '@fontsource-variable/source-serif-4/index.css';
import '@mantine/core/styles.css';
import '@mantine/notifications/styles.css';
import '@mantine/spotlight/styles.css';
import './shell/global.css';
import { Notifications } from '@mantine/notifications';
import { setupListeners } from '@reduxjs/toolkit/query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router } from './shell/router';
import { store } from './data/store';
import { startOutbox } from './data/outbox/outbox';
import { Habits } from './shell/Habits';

startOutbox(store);
// Another tab, or the same after the lid was closed, looks again at what has changed meanwhile.
setupListeners(store.dispatch);

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no element with the id root');
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <Habits>
        <Notifications position="top-center" autoClose={4000} />
        <RouterProvider router={router} />
      </Habits>
    </Provider>
  </StrictMode>,
);
