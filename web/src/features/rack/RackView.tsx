import { Menu, Text } from '@mantine/core';
import { containerKinds, containers } from '@stoichos/core/vessel';
import type { Rack, RackOutcome } from '@stoichos/core/seeing/rack';
import type { ContainerKind } from '@stoichos/core/vessel';
import { IconPlus } from '@tabler/icons-react';
import { copyEvents } from '../../data/rack/copyVessel';
import type { CopyKind } from '../../data/rack/copyVessel';
import { Vessel } from '../../shared/glassware/Vessel';
import classes from './MixPage.module.css';
import { formatTemperature } from '@stoichos/core/common';

interface RackViewProps {
  readonly rack: Rack;
  readonly outcome: RackOutcome;
  readonly chosen: string;
  readonly onChoose: (name: string) => void;
  readonly onNew: (container: ContainerKind) => void;
  readonly onCopy: (kind: CopyKind) => void;
}

const mostVessels = 12;

/** The vessels side by side; a tap chooses the one that is acted on. */
export function RackView({ rack, outcome, chosen, onChoose, onNew, onCopy }: RackViewProps) {
  const canCopy = copyEvents(rack, chosen, '', 'control') !== undefined;
  const height = rack.vessels.length > 2 ? 110 : 170;
  return (
    <div className={classes.rack} role="group" aria-label="Vessels">
      {rack.vessels.map(({ name, container }) => {
        const told = outcome.now[name];
        const holds =
          told && (told.state.volumeMl > 0 || told.state.solids.length > 0 || told.view.layer);
        return (
          <button
            key={name}
            type="button"
            className={classes.stand}
            aria-pressed={name === chosen}
            onClick={() => onChoose(name)}
          >
            <Vessel
              container={container}
              view={holds ? told.view : undefined}
              label={`Vessel ${name}`}
              height={height}
            />
            <Text span fw={600}>
              {name}
            </Text>
            <Text span size="sm" className="quiet">
              {holds ? `${formatTemperature(told.state.temperatureC)}` : 'empty'}
            </Text>
          </button>
        );
      })}
      {rack.vessels.length < mostVessels && (
        <Menu>
          <Menu.Target>
            <button type="button" className={`tappable ${classes.newVessel}`}>
              <IconPlus size={18} aria-hidden /> Vessel
            </button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Label>Empty</Menu.Label>
            {containerKinds.map((kind) => (
              <Menu.Item key={kind} onClick={() => onNew(kind)}>
                {containers[kind].name}
              </Menu.Item>
            ))}
            <Menu.Label>Beside {chosen}</Menu.Label>
            <Menu.Item disabled={!canCopy} onClick={() => onCopy('control')}>
              Control: as {chosen} is now
            </Menu.Item>
            <Menu.Item disabled={!canCopy} onClick={() => onCopy('blank')}>
              Blank: water for the last reagent
            </Menu.Item>
          </Menu.Dropdown>
        </Menu>
      )}
    </div>
  );
}
