import { Text, Title } from '@mantine/core';
import type { LikelyCause } from '@stoichos/core';
import { Formula } from '../chemistry/Formula';

/** What would make the vessel look as it was seen, likeliest first. */
export function Causes({ causes }: { causes: readonly LikelyCause[] }) {
  if (causes.length === 0) return null;
  return (
    <section aria-label="Likely causes">
      <Title order={3} size="h5" mt="md">
        What would look like that
      </Title>
      <ol style={{ margin: '0.3rem 0 0', paddingLeft: '1.2rem' }}>
        {causes.slice(0, 3).map(({ fault }) => (
          <li key={fault}>
            <Formula text={fault} wrap />
          </li>
        ))}
      </ol>
      <Text size="sm" className="quiet">
        Found by predicting the test again with each slip. Repeat the test before you believe it.
      </Text>
    </section>
  );
}
