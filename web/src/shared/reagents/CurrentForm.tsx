import { Button, Select } from '@mantine/core';
import { electrodeMaterials } from '@stoichos/core/vessel';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import classes from './Reagents.module.css';

interface CurrentFormProps {
  readonly vessel: string;
  readonly attempt: (event: RackEvent) => void;
}

/** A current through the chosen vessel, between two electrodes. */
export function CurrentForm({ vessel, attempt }: CurrentFormProps) {
  const [cathode, setCathode] = useState<string>('graphite');
  const [anode, setAnode] = useState<string>('graphite');
  const [currentA, setCurrentA] = useState<number | ''>(0.1);
  const [minutes, setMinutes] = useState<number | ''>(5);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (currentA !== '' && minutes !== '')
          attempt({ vessel, action: { do: 'electrolyse', cathode, anode, currentA, minutes } });
      }}
    >
      <div className={classes.amounts}>
        <Select
          label="Minus"
          value={cathode}
          data={[...electrodeMaterials]}
          onChange={(material) => setCathode(material ?? cathode)}
        />
        <Select
          label="Plus"
          value={anode}
          data={[...electrodeMaterials]}
          onChange={(material) => setAnode(material ?? anode)}
        />
      </div>
      <div className={classes.amounts}>
        <NumberField label="Current, A" step={0.05} value={currentA} onChange={setCurrentA} />
        <NumberField label="Minutes" value={minutes} onChange={setMinutes} />
      </div>
      <Button type="submit" mt="xs" disabled={currentA === '' || minutes === ''}>
        Pass the current
      </Button>
    </form>
  );
}
