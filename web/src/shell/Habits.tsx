import { MantineProvider, mergeThemeOverrides } from '@mantine/core';
import { Fragment, useEffect, useMemo } from 'react';
import type { ReactNode } from 'react';
import { useSettings } from '../data/settings/useSettings';
import { theme } from './theme';
import { textSizes, useBrowserSettings } from '../data/settings/browserSettings';
import { useReader } from './useReader';

/** Dresses the application as this school and this browser have it: decimals, paper, size of text. */
export function Habits({ children }: { children: ReactNode }) {
  const { decimalSeparator, paper } = useSettings();
  const { settings } = useBrowserSettings();
  const own = useMemo(
    () =>
      mergeThemeOverrides(theme, {
        components: {
          // Either sign may be typed; what stands there is the school’s.
          NumberInput: { defaultProps: { decimalSeparator, allowedDecimalSeparators: ['.', ','] } },
        },
      }),
    [decimalSeparator],
  );
  const reader = useReader();
  useEffect(() => {
    document.documentElement.style.fontSize = textSizes[settings.textSize];
  }, [settings.textSize]);
  return (
    <MantineProvider theme={own} defaultColorScheme="light">
      <style>{`@media print { @page { size: ${paper}; } }`}</style>
      <Fragment key={reader}>{children}</Fragment>
    </MantineProvider>
  );
}
