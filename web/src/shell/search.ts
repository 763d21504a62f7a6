import { createSpotlight } from '@mantine/spotlight';

/** Whether the search is open, and how it is opened: also before its window is loaded. */
export const [searchStore, search] = createSpotlight();
