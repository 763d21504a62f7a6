import { MantineProvider } from '@mantine/core';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { store } from '../../src/data/store';

/** Shows a part as it stands in the application: with its look, its store and an address. */
export function show(part: ReactElement, at = '/') {
  const inside = (children: ReactElement) => (
    <Provider store={store}>
      <MantineProvider env="test">
        <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
      </MantineProvider>
    </Provider>
  );
  const shown = render(inside(part));
  return { ...shown, again: (next: ReactElement) => shown.rerender(inside(next)) };
}
