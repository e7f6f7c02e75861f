/** What the commands of how cabinets are built do to the room of the other cases, and what they refuse. */
export const constructionCase = {
  'set-construction': {
    does: { ids: ['a'], ways: { board: 19 } },
    ...{ label: 'Change how a cabinet is built', writes: ['a'] },
    refuses: [{ range: 'fathom', ways: { board: 900 } }, '“Boards of the box”'],
  },
  'set-cut-round': {
    does: { ids: ['a'], cutRound: true },
    ...{ label: 'Cut round what is built in', writes: ['a'] },
    refuses: [{ ids: ['nobody'], cutRound: true }, 'no longer'],
  },
} as const;
export const frontCase = {
  'set-rows': {
    does: {
      id: 'a',
      rows: [
        { shows: 'drawer', high: 140 },
        { shows: 'doors', shelves: 1 },
      ],
    },
    ...{ label: 'Change a front', writes: ['a'] },
    refuses: [{ id: 'a', rows: [{ shows: 'drawer', high: 900 }] }, 'The rows of'],
  },
} as const;
