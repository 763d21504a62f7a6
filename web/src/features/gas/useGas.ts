import { firstGas, typedGasSchema } from '@stoichos/core/studies/gas';
import { useSettings } from '../../data/settings/useSettings';
import { useStudy, useStudyAddress } from '../../shared/study/useStudy';
import type { Study } from '../../shared/study/useStudy';

/** What the study is set to where nothing is: in the room and the air of this place. */
function useGasStudy(): Study<typeof typedGasSchema> {
  const { roomC, airKPa } = useSettings();
  return {
    key: 'stoichos.gases',
    name: 'gas',
    schema: typedGasSchema,
    initial: { ...firstGas, temperatureC: roomC, pressureKPa: airKPa },
    without: ['seen', 'unsaturation'],
  };
}

/** The gas of the study, the same in all its views, and a way to change a part of it. */
export const useGas = () => useStudy(useGasStudy());

/** Keeps the gas of the study in the address of its page. */
export const useGasAddress = () => useStudyAddress(useGasStudy());
