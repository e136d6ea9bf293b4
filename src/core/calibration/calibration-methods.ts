/** The ways to measure a spray volume, as an operator picks them; `course-catch` is a way of holding the jugs. */
export const calibrationMethods = ['speed-width-flow', 'plot-catch', 'refill', 'parked-drop'] as const;
export type CalibrationMethod = (typeof calibrationMethods)[number];
