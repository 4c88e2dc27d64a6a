import type { MeterFunction } from '../../api/shapes';

/** The sign at the selector. */
export const SIGN: Record<MeterFunction, string> = {
    vac: 'V~',
    'vac-lowz': 'V~ LoZ',
    vdc: 'V=',
    ohms: 'Ω',
    continuity: '•))',
    mfd: 'µF',
    uadc: 'µA=',
    amps: 'A~',
    megohms: 'MΩ',
};

/** What a reading is typed in. */
export const UNIT: Record<MeterFunction, string> = { ...SIGN, 'vac-lowz': 'V~', continuity: 'Ω' };

export const NAME: Record<MeterFunction, string> = {
    vac: 'volts a.c.',
    'vac-lowz': 'volts a.c., low impedance',
    vdc: 'volts d.c.',
    ohms: 'ohms',
    continuity: 'continuity',
    mfd: 'capacitance',
    uadc: 'microamperes d.c.',
    amps: 'amperes',
    megohms: 'insulation',
};

/** Those whose instrument goes round a wire, or in series with one. */
export const goesOnWires = (fn: MeterFunction) => fn === 'amps' || fn === 'uadc';
