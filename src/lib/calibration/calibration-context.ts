import { createContext } from 'svelte';
import type { CalibrationState } from './calibration.svelte';

/** The calibration that the screens below are about. */
export const [useCalibrationState, provideCalibrationState] = createContext<CalibrationState>();
