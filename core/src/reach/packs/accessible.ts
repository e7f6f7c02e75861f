import type { Pack } from '../pack';

export const accessible: Pack = { id: 'accessible', rules: [] };
