/** The one place where the server looks at its clock for a stamp. */
export const now = (): Date => new Date();
