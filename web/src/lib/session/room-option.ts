/** An option of a room: its letter, and whether it is the one chosen. */
export interface RoomOption {
  id: string;
  option: string;
  chosen: boolean;
}
