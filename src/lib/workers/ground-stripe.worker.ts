import { groundStripe } from '$core';
import { expose } from 'comlink';

// Off the main thread, so that a keystroke in a jug is never kept waiting by the ground.
export const groundWorker = { stripe: groundStripe };
export type GroundWorker = typeof groundWorker;

expose(groundWorker);
