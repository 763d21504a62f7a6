import { MantineProvider } from '@mantine/core';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { Provider } from 'react-redux';
import { MemoryRouter } from 'react-router';
import { setReader } from '@stoichos/core/common';
import { firstSettings } from '@stoichos/core/labday/settings';
import type { Settings } from '@stoichos/core/labday/settings';
import { api } from '../../src/data/api/api';
import { store } from '../../src/data/store';
import { theme } from '../../src/shell/theme';

/** Shows a part as it stands in the application: with its look, its store and an address. */
export function show(part: ReactElement, at = '/') {
  const inside = (children: ReactElement) => (
    <Provider store={store}>
      <MantineProvider env="test" theme={theme}>
        <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
      </MantineProvider>
    </Provider>
  );
  const shown = render(inside(part));
  return { ...shown, again: (next: ReactElement) => shown.rerender(inside(next)) };
}

/** What the school has chosen, as if the server had said so. */
export async function chosen(part: Partial<Settings>): Promise<void> {
  const settings = { ...firstSettings, ...part };
  setReader({ decimalSign: settings.decimalSeparator, scale: settings.temperature });
  await store.dispatch(api.util.upsertQueryData('settings', undefined, settings));
}
