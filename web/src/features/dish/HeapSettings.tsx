import { Slider, Text } from '@mantine/core';
import type { DishRequest } from '@stoichos/core/studies/dish';
import { NumberField } from '../../shared/parts/NumberField';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';
import classes from './Dish.module.css';

type Heap = DishRequest['heaps'][0];

interface HeapSettingsProps {
  readonly name: string;
  readonly heap: Heap;
  readonly onChange: (heap: Heap) => void;
}

/** One heap: which salt, how much, and where it lies. */
export function HeapSettings({ name, heap, onChange }: HeapSettingsProps) {
  return (
    <div className={classes.heap} role="group" aria-label={name}>
      <ShelfSearch
        label={name}
        value={heap.substance}
        onlySubstances
        onChange={(substance) => onChange({ ...heap, substance })}
      />
      <div className={classes.pair}>
        <NumberField
          label="Mass, g"
          step={0.05}
          decimalScale={3}
          value={heap.massG}
          onChange={(value) => onChange({ ...heap, massG: Number(value) })}
        />
        <NumberField
          label="Direction, °"
          description="0 right, 180 left"
          inputWrapperOrder={['label', 'input', 'description']}
          step={15}
          value={heap.angleDeg}
          onChange={(value) => onChange({ ...heap, angleDeg: Number(value) })}
        />
      </div>
      <Text size="sm" mt="xs" id={`${name}-place`}>
        From the middle: {Math.round(100 * heap.fromCentre)} % of the radius
      </Text>
      <Slider
        aria-label={`${name}, from the middle`}
        thumbLabel={`${name}, from the middle`}
        min={0.1}
        max={0.95}
        step={0.05}
        size="lg"
        label={null}
        value={heap.fromCentre}
        onChange={(fromCentre) => onChange({ ...heap, fromCentre })}
      />
    </div>
  );
}
