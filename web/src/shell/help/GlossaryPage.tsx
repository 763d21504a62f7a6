import { Card } from '../../shared/parts/Card';
import { LineTable } from '../../shared/parts/LineTable';
import { Container, Table, TextInput, Title } from '@mantine/core';
import { namesOf, shelfSubstances } from '@stoichos/core/matter/substances';
import { useMemo, useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { terms } from './glossary';

/** Words of the trade, and what substances are called in each school. */
export function GlossaryPage() {
  const [sought, setSought] = useState('');
  const names = useMemo(
    () =>
      shelfSubstances()
        .flatMap(({ formula, forms }) => [
          formula,
          // Crystals that go by a trivial name of their own.
          ...forms.flatMap((one) => (one.commonName === undefined ? [] : [one.formula])),
        ])
        .map((formula) => ({ formula, ...namesOf(formula) })),
    [],
  );
  const wanted = sought.trim().toLowerCase();
  const has = (...texts: readonly (string | undefined)[]): boolean =>
    texts.some((text) => text?.toLowerCase().includes(wanted));
  const shownTerms = terms.filter(({ term, means }) => has(term, means));
  const shownNames = names.filter(({ formula, stock, common, oxo }) =>
    has(formula, stock, common, oxo),
  );
  return (
    <Container size="60rem" p={0}>
      <Title order={1} size="h1" my="md">
        Glossary
      </Title>
      <TextInput
        label="Look for"
        placeholder="A word, a name or a formula"
        value={sought}
        onChange={(event) => setSought(event.currentTarget.value)}
        mb="md"
      />
      <Card label="Words" titled>
        {shownTerms.length === 0 && <p className="quiet">No word has that in it.</p>}
        <dl className="facts" style={{ gridTemplateColumns: 'minmax(8rem, 14rem) 1fr' }}>
          {shownTerms.map(({ term, means }) => (
            <div key={term} style={{ display: 'contents' }}>
              <dt>{term}</dt>
              <dd>
                <Formula text={means} wrap />
              </dd>
            </div>
          ))}
        </dl>
      </Card>
      <Card label="Names" mt="md">
        <Title mb="xs">Names in every school</Title>
        {shownNames.length === 0 && <p className="quiet">No substance is called that.</p>}
        {shownNames.length > 0 && (
          <Table.ScrollContainer minWidth={560}>
            <LineTable
              head={['Formula', 'Systematic', 'Common', 'Oxo-name']}
              rows={shownNames.map(({ formula, stock, common, oxo }) => [
                <Formula text={formula} />,
                stock ?? '–',
                common ?? '–',
                oxo ?? '–',
              ])}
            />
          </Table.ScrollContainer>
        )}
      </Card>
    </Container>
  );
}
