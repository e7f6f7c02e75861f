import type { Pack } from '../pack';

export const bath: Pack = { id: 'bath', rules: [] };
