import type { ScheduleColumnId, ScheduleId } from '../wording/schedule-words';

/** The columns of every schedule. */
export const columnsOf: Record<ScheduleId, readonly ScheduleColumnId[]> = {
  items: ['number', 'item', 'code', 'width', 'depth', 'height', 'hand', 'note', 'price'],
  fronts: ['number', 'code', 'front', 'count', 'width', 'height', 'hinge', 'style', 'finish'],
  panels: ['number', 'item', 'code', 'width', 'height', 'finish'],
  appliances: ['number', 'item', 'code', 'width', 'depth', 'height', 'roughIns'],
  openings: ['name', 'type', 'face', 'along', 'width', 'height', 'sill', 'opens', 'leaf'],
  services: ['type', 'face', 'along', 'up'],
  tops: ['name', 'thickness', 'surface', 'area', 'perimeter', 'joints', 'cutOuts', 'finish'],
  tiles: ['name', 'where', 'finish', 'size', 'pattern', 'joint', 'area', 'whole', 'cut', 'bought'],
  finishes: ['code', 'finish', 'parts', 'supplier'],
  fitter: ['sort', 'count', 'item', 'code', 'size', 'where'],
};
