// The calibration is made on the device: the server sends a shell, which the device keeps and fills from its own memory.
export const ssr = false;
