import { ActionIcon, Button, Group, Select, Switch, Text, TextInput } from '@mantine/core';
import { quantityNames, quantityUnits } from '@stoichos/core/planning/procedure';
import type { Measure } from '@stoichos/core/planning/procedure';
import { IconPlus, IconX } from '@tabler/icons-react';

interface MeasureFieldsProps {
  readonly measures: readonly Measure[];
  readonly onChange: (measures: Measure[]) => void;
}

const quantities = quantityNames.map((name) => ({
  value: name,
  label: quantityUnits[name] ? `${name}, ${quantityUnits[name]}` : name,
}));
const mostMeasures = 10;

/** What is measured in a step, with its quantity; again and again where it makes a log. */
export function MeasureFields({ measures, onChange }: MeasureFieldsProps) {
  const change = (at: number, next: Measure) =>
    onChange(measures.map((one, index) => (index === at ? next : one)));
  return (
    <div>
      <Text fw={500}>What is measured</Text>
      {measures.map((measure, at) => {
        const { name, quantity, series } = measure;
        return (
          <Group key={String(at)} gap="xs" align="flex-end" mb={4}>
            <TextInput
              aria-label={`Measurement ${at + 1}`}
              placeholder="mass of the dish"
              flex="1 1 10rem"
              maxLength={80}
              value={name}
              onChange={(event) => change(at, { ...measure, name: event.currentTarget.value })}
            />
            <Select
              aria-label={`Quantity of measurement ${at + 1}`}
              w={160}
              data={quantities}
              value={quantity}
              onChange={(picked) => {
                const found = quantityNames.find((one) => one === picked);
                if (found) change(at, { ...measure, quantity: found });
              }}
            />
            <Switch
              size="sm"
              label="again and again"
              checked={series === true}
              onChange={(event) =>
                change(at, {
                  name,
                  quantity,
                  ...(event.currentTarget.checked && { series: true as const }),
                })
              }
            />
            <ActionIcon
              aria-label={`Take out measurement ${name}`}
              onClick={() => onChange(measures.filter((_, index) => index !== at))}
            >
              <IconX size={18} />
            </ActionIcon>
          </Group>
        );
      })}
      {measures.length < mostMeasures && (
        <Button
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() => onChange([...measures, { name: '', quantity: 'mass' }])}
        >
          Measurement
        </Button>
      )}
    </div>
  );
}
