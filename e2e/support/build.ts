import { buildWeb } from '../../scripts/machine/build';

/** The browser tests look at the application as it is served: built from what lies here now. */
export default function build(): void {
  buildWeb();
}
