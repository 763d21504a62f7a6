/** What a school or an installation has chosen. */
export { firstSettings, settingsChangeSchema, settingsSchema } from './settings';
export type { DischargeSchool, Settings, SettingsChange } from './settings';
