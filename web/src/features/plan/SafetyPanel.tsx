import { Box, Text, Title } from '@mantine/core';
import { deferral, hazardsOf, wasteRoute } from '@stoichos/core/safety';
import { Formula } from '../../shared/chemistry/Formula';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import { Cited } from '../../shared/parts/Cited';

/** Hazards of the chosen reagents and where the mixture goes afterwards. */
export function SafetyPanel({ substances }: { substances: readonly string[] }) {
  if (substances.length === 0) return null;
  const unique = [...new Set(substances)];
  const sheets = unique.map((substance) => hazardsOf(substance));
  const waste = wasteRoute(unique);
  return (
    <>
      <Title mt="md" mb="xs">
        Hazards of the reagents
      </Title>
      {sheets.map(({ formula, signal, pictograms, statements }) => (
        <Box key={formula} className="keep-together" mb={10}>
          <Text component="div" fw={600}>
            <Formula text={formula} />
            {signal && ` – ${signal}`} <PictogramRow pictograms={pictograms} />
          </Text>
          <Text size="sm">
            {statements.length === 0
              ? 'Not classified as hazardous.'
              : `${statements.map(({ code, text }) => `${text} (${code})`).join('. ')}.`}
          </Text>
        </Box>
      ))}
      <Title mt="md" mb={4}>
        Waste
      </Title>
      <Text>
        <strong>{waste.bottle}</strong> – {waste.because}.
      </Text>
      <Text size="sm" className="quiet" mt="xs">
        {deferral} Classification: {sheets[0] && <Cited source={sheets[0].source} />}.
      </Text>
    </>
  );
}
