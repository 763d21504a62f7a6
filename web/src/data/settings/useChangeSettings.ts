import { notifications } from '@mantine/notifications';
import type { SettingsChange } from '@stoichos/core/labday/settings';
import { useChangeSettingsMutation } from '../api/api';
import { explainError } from '../api/explainError';

/** Changes some of the settings for all; what is refused is said and stays as it was. */
export function useChangeSettings(): (part: SettingsChange) => void {
  const [save] = useChangeSettingsMutation();
  return (part) => {
    void save(part)
      .unwrap()
      .catch((error: unknown) => {
        notifications.show({
          color: 'red',
          title: 'Not changed',
          message: explainError(error).message,
        });
      });
  };
}
