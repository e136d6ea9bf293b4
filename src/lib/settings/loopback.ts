/** Whether a name is this computer's own, which no other device can reach. */
export const isLoopback = (hostname: string): boolean => /^(localhost|127(\.\d+){3}|\[?::1\]?)$/i.test(hostname);
