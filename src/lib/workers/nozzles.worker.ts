import { expose } from 'comlink';
import { nozzleJob } from './nozzle-job';

// Off the main thread: thousands of nozzles, or the search of an arc, never hold up a lever that is being moved.
export type NozzlesWorker = typeof nozzleJob;

expose(nozzleJob);
