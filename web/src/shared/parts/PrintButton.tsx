import { Button } from '@mantine/core';
import type { ButtonProps } from '@mantine/core';
import { IconPrinter } from '@tabler/icons-react';

/** Prints the page as it stands, without its controls. */
export function PrintButton({ children = 'Print', ...props }: ButtonProps) {
  return (
    <Button
      className="no-print"
      flex="none"
      leftSection={<IconPrinter size={18} aria-hidden />}
      onClick={() => window.print()}
      {...props}
    >
      {children}
    </Button>
  );
}
