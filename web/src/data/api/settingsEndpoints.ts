import { settingsSchema } from '@stoichos/core/labday/settings';
import type { Settings, SettingsChange } from '@stoichos/core/labday/settings';
import type { Build } from './build';

/** The settings for all. */
export const settingsEndpoints = (build: Build) => ({
  settings: build.query<Settings, void>({
    query: () => '/settings',
    transformResponse: (raw) => settingsSchema.parse(raw),
    providesTags: ['Settings'],
  }),
  changeSettings: build.mutation<Settings, SettingsChange>({
    query: (change) => ({ url: '/settings', method: 'PATCH', body: change }),
    invalidatesTags: ['Settings'],
  }),
});
