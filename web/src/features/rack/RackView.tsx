import { Menu, Text, UnstyledButton } from '@mantine/core';
import { containerKinds, containers } from '@stoichos/core/vessel';
import { IconPlus } from '@tabler/icons-react';
import { copyEvents } from '../../data/rack/copyVessel';
import { chosen, copied, vesselAdded } from '../../data/rack/rackSlice';
import { Vessel } from '../../shared/glassware/Vessel';
import classes from './MixPage.module.css';
import { formatTemperature } from '@stoichos/core/common';
import type { RackStudy } from './useRack';

const mostVessels = 12;

/** The vessels side by side; a tap chooses the one that is acted on. */
export function RackView({ rack, outcome, history: { chosen: vessel }, dispatch }: RackStudy) {
  const canCopy = copyEvents(rack, vessel, '', 'control') !== undefined;
  const height = rack.vessels.length > 2 ? 110 : 170;
  return (
    <div className={classes.rack} role="group" aria-label="Vessels">
      {rack.vessels.map(({ name, container }) => {
        const told = outcome.now[name];
        const holds =
          told && (told.state.volumeMl > 0 || told.state.solids.length > 0 || told.view.layer);
        return (
          <UnstyledButton
            key={name}
            className={classes.stand}
            aria-pressed={name === vessel}
            onClick={() => dispatch(chosen(name))}
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
          </UnstyledButton>
        );
      })}
      {rack.vessels.length < mostVessels && (
        <Menu>
          <Menu.Target>
            <UnstyledButton className={`tappable ${classes.newVessel}`}>
              <IconPlus size={18} aria-hidden /> Vessel
            </UnstyledButton>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Label>Empty</Menu.Label>
            {containerKinds.map((kind) => (
              <Menu.Item key={kind} onClick={() => dispatch(vesselAdded(kind))}>
                {containers[kind].name}
              </Menu.Item>
            ))}
            <Menu.Label>Beside {vessel}</Menu.Label>
            <Menu.Item disabled={!canCopy} onClick={() => dispatch(copied('control'))}>
              Control: as {vessel} is now
            </Menu.Item>
            <Menu.Item disabled={!canCopy} onClick={() => dispatch(copied('blank'))}>
              Blank: water for the last reagent
            </Menu.Item>
          </Menu.Dropdown>
        </Menu>
      )}
    </div>
  );
}
