/**
 * Cut lists gone through by hand, sum by sum, from how each range builds: pieces, length along the grain by width by thickness (mm), edged edges; last the hardware by its codes.
 * They are never written anew: what differs is a fault, or a construction that was changed on purpose.
 */

/** Fathom: one cabinet of every kind. */
export const fathomCuts: Readonly<Record<string, string>> = {
  F500: '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 464x560x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 709.5x479x8; 2 shelf 462x512x18 l2; 1 door 717x497x18 l1 l2 w1 w2; 2 H110, 1 GB128, 8 SP5, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F500-D':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 464x560x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 709.5x479x8; 1 shelf 462x512x18 l2; 1 drawer-side 490x92x16 l2; 1 drawer-side-2 490x92x16 l2; 1 drawer-head 422x92x16 l2; 1 drawer-back 422x92x16 l2; 1 drawer-bottom 474x438x8; 1 drawer-front 145x497x18 l1 l2 w1 w2; 1 door 569x497x18 l1 l2 w1 w2; 2 GB128, 2 H110, 1 RU500, 4 SP5, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F500-3':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 464x560x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 709.5x479x8; 1 drawer-side 490x92x16 l2; 1 drawer-side-2 490x92x16 l2; 1 drawer-head 422x92x16 l2; 1 drawer-back 422x92x16 l2; 3 drawer-bottom 474x438x8; 1 drawer-side-3 490x252x16 l2; 1 drawer-side-4 490x252x16 l2; 1 drawer-head-2 422x252x16 l2; 1 drawer-back-2 422x252x16 l2; 1 drawer-side-5 490x220x16 l2; 1 drawer-side-6 490x220x16 l2; 1 drawer-head-3 422x220x16 l2; 1 drawer-back-3 422x220x16 l2; 1 drawer-front 142.2x497x18 l1 l2 w1 w2; 2 drawer-front-2 284.4x497x18 l1 l2 w1 w2; 3 GB128, 3 RU500, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F500-S':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 464x560x18 l2; 1 rail-front 464x100x18 l1; 1 rail-back 464x100x18; 1 back 709.5x479x8; 1 door 717x497x18 l1 l2 w1 w2; 2 H110, 1 GB128, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F600-H':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 564x560x18 l2; 1 rail-front 564x100x18 l1; 1 rail-back 564x100x18; 1 back 709.5x579x8; 2 shelf 562x512x18 l2; 1 door 717x597x18 l1 l2 w1 w2; 2 H110, 1 GB128, 8 SP5, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F600-O':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 564x560x18 l2; 1 rail-back 564x100x18; 1 divider 564x482x18 l2; 1 back 113x579x8; 1 fixed-front 119x597x18 l1 l2 w1 w2; 14 CB15, 12 D8, 4 L150, 2 LC',
  'F500-W':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 464x560x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 709.5x479x8; 1 drawer-front 717x497x18 l1 l2 w1 w2; 1 GB128, 10 CB15, 12 D8, 4 L150, 2 LC, 1 SW',
  'F150-X':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 114x560x18 l2; 1 rail-front 114x100x18 l2; 1 rail-back 114x100x18; 1 back 709.5x129x8; 1 shelf 112x532x18 l2; 4 SP5, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F900-C':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 864x560x18 l2; 1 rail-front 864x100x18 l2; 1 rail-back 864x100x18; 1 back 709.5x879x8; 1 blind-panel 684x612x18 l2; 2 shelf 862x512x18 l2; 1 door 717x267x18 l1 l2 w1 w2; 2 H110, 1 GB128, 8 SP5, 10 CB15, 12 D8, 4 L150, 2 LC',
  'F800-L':
    '1 back 720x782x18; 1 back-2 720x764x18; 1 side-right 720x560x18 l2; 1 side-left 720x560x18 l2; 1 bottom 764x764x18; 1 top 764x764x18; 1 door 717x217x18 l1 l2 w1 w2; 1 door-2 717x217x18 l1 l2 w1 w2; 4 H110, 2 GB128, 16 S5, 4 L150, 2 LC, 1 SR',
  'F900-K':
    '1 back 720x882x18; 1 back-2 720x864x18; 1 side-right 720x560x18 l2; 1 side-left 720x560x18 l2; 1 bottom 864x864x18; 1 top 864x864x18; 2 shelf 864x864x18; 1 door 717x477.833x18 l1 l2 w1 w2; 2 H110, 1 GB128, 8 SP5, 16 S5, 4 L150, 2 LC',
  'F900-LD':
    '1 back 720x882x18; 1 back-2 720x864x18; 1 side-right 720x560x18 l2; 1 side-left 720x560x18 l2; 1 bottom 864x864x18; 1 top 864x864x18; 1 drawer-front 142.2x317x18 l1 l2 w1 w2; 2 drawer-front-2 284.4x317x18 l1 l2 w1 w2; 1 drawer-front-3 142.2x317x18 l1 l2 w1 w2; 2 drawer-front-4 284.4x317x18 l1 l2 w1 w2; 6 GB128, 16 S5, 4 L150, 2 LC, 1 SD',
  'F900-CP':
    '1 side-left 720x560x18 l2; 1 side-right 720x560x18 l2; 1 bottom 864x560x18 l2; 1 rail-front 864x100x18 l2; 1 rail-back 864x100x18; 1 back 709.5x879x8; 1 blind-panel 684x612x18 l2; 1 door 717x267x18 l1 l2 w1 w2; 2 H110, 1 GB128, 10 CB15, 12 D8, 4 L150, 2 LC, 1 SP',
  'F200-E':
    '1 side-left 720x560x18 l2; 1 side-right 720x400x18 l2; 1 back 720x164x18; 1 bottom 164x542x18; 1 top 164x542x18; 1 shelf 164x542x18; 4 SP5, 12 S5, 4 L150, 2 LC',
  'U500/600':
    '1 side-left 600x350x18 l2 w1; 1 side-right 600x350x18 l2 w1; 1 bottom 464x350x18 l2; 1 top 464x350x18 l2; 1 back 579x479x8; 1 shelf 462x302x18 l2; 1 door 597x497x18 l1 l2 w1 w2; 2 H110, 1 GB128, 4 SP5, 8 CB15, 8 D8, 1 HB',
  'U600/360-V':
    '1 side-left 360x350x18 l2 w1; 1 side-right 360x350x18 l2 w1; 1 bottom 564x350x18 l2; 1 top 564x350x18 l2; 1 back 339x579x8; 1 door 357x597x18 l1 l2 w1 w2; 2 H110, 1 GB128, 8 CB15, 8 D8, 1 HB',
  'U500/600-G':
    '1 side-left 600x350x18 l2 w1; 1 side-right 600x350x18 l2 w1; 1 bottom 464x350x18 l2; 1 top 464x350x18 l2; 1 back 579x479x8; 1 shelf 462x302x18 l2; 1 stile 597x62x18; 1 stile-2 597x62x18; 1 rail 373x62x18; 1 rail-2 373x62x18; 1 pane 485x385x4; 2 H110, 1 GB128, 4 SP5, 8 CB15, 8 D8, 1 HB',
  'U600/600-X':
    '1 side-left 600x350x18 l2 w1; 1 side-right 600x350x18 l2 w1; 1 bottom 564x350x18 l2; 1 top 564x350x18 l2; 1 back 579x579x8; 1 shelf 562x322x18 l2; 4 SP5, 8 CB15, 8 D8, 1 HB',
  'U600/360-L':
    '1 side-left 360x350x18 l2 w1; 1 side-right 360x350x18 l2 w1; 1 bottom 564x350x18 l2; 1 top 564x350x18 l2; 1 back 339x579x8; 1 flap 357x597x18 l1 l2 w1 w2; 2 H110, 1 LF, 1 GB128, 8 CB15, 8 D8, 1 HB',
  'U900/600-C':
    '1 side-left 600x350x18 l2 w1; 1 side-right 600x350x18 l2 w1; 1 bottom 864x350x18 l2; 1 top 864x350x18 l2; 1 back 579x879x8; 1 blind-panel 564x402x18 l2; 1 shelf 862x302x18 l2; 1 door 597x477x18 l1 l2 w1 w2; 2 H110, 1 GB128, 4 SP5, 8 CB15, 8 D8, 1 HB',
  'U600/600-LL':
    '1 back 600x582x18 w1; 1 back-2 600x564x18 w1; 1 side-right 600x350x18 l2 w1; 1 side-left 600x350x18 l2 w1; 1 bottom 564x564x18; 1 top 564x564x18; 1 shelf 564x564x18; 1 door 597x227x18 l1 l2 w1 w2; 1 door-2 597x227x18 l1 l2 w1 w2; 4 H110, 2 GB128, 4 SP5, 16 S5, 1 HB',
  'U600/600-K':
    '1 back 600x582x18 w1; 1 back-2 600x564x18 w1; 1 side-right 600x350x18 l2 w1; 1 side-left 600x350x18 l2 w1; 1 bottom 564x564x18; 1 top 564x564x18; 1 shelf 564x564x18; 1 door 597x350.553x18 l1 l2 w1 w2; 2 H110, 1 GB128, 4 SP5, 16 S5, 1 HB',
  'U600/720-M':
    '1 side-left 720x350x18 l2 w1; 1 side-right 720x350x18 l2 w1; 1 bottom 564x350x18 l2; 1 top 564x350x18 l2; 1 divider 564x272x18 l2; 1 back 328x579x8; 1 flap 334x597x18 l1 l2 w1 w2; 2 H110, 1 LF, 1 GB128, 12 CB15, 12 D8, 1 HB',
  'U200/600-E':
    '1 side-left 600x350x18 l2 w1; 1 side-right 600x190x18 l2 w1; 1 back 600x164x18 w1; 1 bottom 164x332x18; 1 top 164x332x18; 1 shelf 164x332x18; 4 SP5, 12 S5, 1 HB',
  'U600/600-P':
    '1 side-left 600x350x18 l2 w1; 1 side-right 600x350x18 l2 w1; 1 bottom 564x350x18 l2; 1 top 564x350x18 l2; 1 back 579x579x8; 1 shelf 562x322x18 l2; 4 SP5, 8 CB15, 8 D8, 1 HB',
  'T500/1950':
    '1 side-left 1800x560x18 l2; 1 side-right 1800x560x18 l2; 1 bottom 464x560x18 l2; 1 top 464x560x18 l2; 1 divider 464x532x18 l2; 1 back 1779x479x8; 6 shelf 462x512x18 l2; 1 door 717.6x497x18 l1 l2 w1 w2; 1 door-2 1076.4x497x18 l1 l2 w1 w2; 5 H110, 2 GB128, 24 SP5, 18 CB15, 12 D8, 4 L150, 2 LC',
  'T500/1950-B':
    '1 side-left 1800x560x18 l2; 1 side-right 1800x560x18 l2; 1 bottom 464x560x18 l2; 1 top 464x560x18 l2; 1 back 1779x479x8; 1 shelf 462x512x18 l2; 1 door 1797x497x18 l1 l2 w1 w2; 4 H110, 1 GB128, 4 SP5, 12 CB15, 8 D8, 4 L150, 2 LC',
  'T600/1950-O':
    '1 side-left 1800x560x18 l2; 1 side-right 1800x560x18 l2; 1 bottom 564x560x18 l2; 1 top 564x560x18 l2; 2 divider 564x482x18 l2; 1 back 597x579x8; 1 back-2 587x579x8; 1 shelf 562x512x18 l2; 2 drawer-side 490x252x16 l2; 2 drawer-side-2 490x252x16 l2; 2 drawer-head 522x252x16 l2; 2 drawer-back 522x252x16 l2; 2 drawer-bottom 474x538x8; 1 door 593x597x18 l1 l2 w1 w2; 2 drawer-front 300x597x18 l1 l2 w1 w2; 2 H110, 3 GB128, 2 RU500, 4 SP5, 24 CB15, 16 D8, 4 L150, 2 LC',
  'T600/1950-OO':
    '1 side-left 1800x560x18 l2; 1 side-right 1800x560x18 l2; 1 bottom 564x560x18 l2; 1 top 564x560x18 l2; 3 divider 564x482x18 l2; 1 back 294x579x8; 1 back-2 432x579x8; 1 shelf 562x512x18 l2; 1 drawer-side 490x220x16 l2; 1 drawer-side-2 490x220x16 l2; 1 drawer-head 522x220x16 l2; 1 drawer-back 522x220x16 l2; 1 drawer-bottom 474x538x8; 1 door 438x597x18 l1 l2 w1 w2; 1 drawer-front 300x597x18 l1 l2 w1 w2; 2 H110, 2 GB128, 1 RU500, 4 SP5, 30 CB15, 20 D8, 4 L150, 2 LC',
  'T600/1950-R':
    '1 side-left 1800x560x18 l2; 1 side-right 1800x560x18 l2; 1 bottom 564x560x18 l2; 1 top 564x560x18 l2; 1 door 1076.4x597x18 l1 l2 w1 w2; 1 door-2 717.6x597x18 l1 l2 w1 w2; 5 H110, 2 GB128, 12 CB15, 8 D8, 4 L150, 2 LC',
  G600: '1 side-left 500x350x18 l2 w1; 1 side-right 500x350x18 l2 w1; 1 bottom 564x350x18 l2; 1 top 564x350x18 l2; 1 back 479x579x8; 1 flap 497x597x18 l1 l2 w1 w2; 2 H110, 1 LF, 1 GB128, 8 CB15, 8 D8, 1 HB',
  V500: '1 side-left 670x460x18 l2; 1 side-right 670x460x18 l2; 1 bottom 464x460x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 659.5x479x8; 2 shelf 462x412x18 l2; 1 door 667x497x18 l1 l2 w1 w2; 2 H110, 1 GB128, 8 SP5, 10 CB15, 12 D8, 4 L150, 2 LC',
  'V500-3':
    '1 side-left 670x460x18 l2; 1 side-right 670x460x18 l2; 1 bottom 464x460x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 659.5x479x8; 1 drawer-side 390x92x16 l2; 1 drawer-side-2 390x92x16 l2; 1 drawer-head 422x92x16 l2; 1 drawer-back 422x92x16 l2; 3 drawer-bottom 374x438x8; 2 drawer-side-3 390x220x16 l2; 2 drawer-side-4 390x220x16 l2; 2 drawer-head-2 422x220x16 l2; 2 drawer-back-2 422x220x16 l2; 1 drawer-front 132.2x497x18 l1 l2 w1 w2; 2 drawer-front-2 264.4x497x18 l1 l2 w1 w2; 3 GB128, 3 RU400, 10 CB15, 12 D8, 4 L150, 2 LC',
  'V600-S':
    '1 side-left 670x460x18 l2; 1 side-right 670x460x18 l2; 1 bottom 564x460x18 l2; 1 rail-front 564x100x18 l1; 1 rail-back 564x100x18; 1 back 659.5x579x8; 1 door 667x597x18 l1 l2 w1 w2; 2 H110, 1 GB128, 10 CB15, 12 D8, 4 L150, 2 LC',
  'V500-H':
    '1 side-left 480x460x18 l2 w1; 1 side-right 480x460x18 l2 w1; 1 bottom 464x460x18 l2; 1 rail-front 464x100x18 l2; 1 rail-back 464x100x18; 1 back 469.5x479x8; 2 drawer-side 390x188x16 l2; 2 drawer-side-2 390x188x16 l2; 2 drawer-head 422x188x16 l2; 2 drawer-back 422x188x16 l2; 2 drawer-bottom 374x438x8; 2 drawer-front 237x497x18 l1 l2 w1 w2; 2 GB128, 2 RU400, 10 CB15, 12 D8, 1 HB',
  'V300-T':
    '1 side-left 1800x350x18 l2; 1 side-right 1800x350x18 l2; 1 bottom 264x350x18 l2; 1 top 264x350x18 l2; 1 divider 264x322x18 l2; 1 back 1779x279x8; 4 shelf 262x302x18 l2; 1 drawer-side 290x124x16 l2; 1 drawer-side-2 290x124x16 l2; 1 drawer-head 222x124x16 l2; 1 drawer-back 222x124x16 l2; 1 drawer-bottom 274x238x8; 1 door 1594x297x18 l1 l2 w1 w2; 1 drawer-front 200x297x18 l1 l2 w1 w2; 3 H110, 2 GB128, 1 RU300, 16 SP5, 12 CB15, 12 D8, 4 L150, 2 LC',
  FL50: '1 filler 720x50x18; 1 filler-return 720x100x18; ',
  'FL50-L': '1 filler 720x50x18; 1 filler-2 720x32x18; ',
  'FL75-B': '1 filler 720x75x18; ',
  'FT50/1950': '1 filler 1800x50x18; 1 filler-return 1800x100x18; ',
  'FU50/600': '1 filler 600x50x18; 1 filler-return 600x100x18; ',
  P18: '1 end-panel 870x560x18 l2; ',
  'PR18/1950': '1 end-panel 1950x650x18 l2; ',
  PB600: '1 back-panel 870x600x18 l1 l2; ',
  PV600: '1 valance 600x100x18 l1; ',
  PS600: '1 floating-shelf 600x200x40 l2 w1 w2; ',
  PT1200: '1 bar-top 1200x300x40 l1 l2 w1 w2; ',
  PK40: '1 bracket 250x250x40 l2; ',
  K2400: '1 plinth 2400x150x16 l1; ',
  KC2400: '1 cornice 2400x60x60; ',
  KL2400: '1 light-rail 2400x35x18; ',
  KS20: '1 scribe 2400x20x18; ',
  D600: '1 appliance-door 720x600x18 l1 l2 w1 w2; ',
};

/** Saltbox: one cabinet of every kind. */
export const saltboxCuts: Readonly<Record<string, string>> = {
  B21: '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 520.7x584.2x12.7; 1 rail-front 508x88.9x12.7; 1 rail-back 508x88.9x12.7; 1 back 736.6x520.7x6.35; 1 hang-rail 508x88.9x12.7; 1 kick 533.4x114.3x19.05; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 457.2x38.1x19.05; 2 shelf 504.825x558.8x19.05 l2; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 396.7x62x19.05; 1 rail-2 396.7x62x19.05; 1 leaf-panel 641.3x412.7x6.35; 2 HF105, 1 GB128, 8 SP5, 24 S5',
  'B21-D':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 520.7x584.2x12.7; 1 rail-front 508x88.9x12.7; 1 rail-back 508x88.9x12.7; 1 back 736.6x520.7x6.35; 1 hang-rail 508x88.9x12.7; 1 kick 533.4x114.3x19.05; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 3 frame-rail 457.2x38.1x19.05; 1 shelf 504.825x558.8x19.05 l2; 1 drawer-side 558.8x50.8x12.7 l2; 1 drawer-side-2 558.8x50.8x12.7 l2; 1 drawer-head 406.4x50.8x12.7 l2; 1 drawer-back 406.4x50.8x12.7 l2; 1 drawer-bottom 546.1x419.1x6.35; 1 stile 145x36.25x19.05; 1 stile-2 145x36.25x19.05; 1 rail 448.2x36.25x19.05; 1 rail-2 448.2x36.25x19.05; 1 leaf-panel 88.5x464.2x6.35; 1 stile-3 601.125x62x19.05; 1 stile-4 601.125x62x19.05; 1 rail-3 396.7x62x19.05; 1 rail-4 396.7x62x19.05; 1 leaf-panel-2 493.125x412.7x6.35; 2 GB128, 2 HF105, 1 RS559, 2 RB, 4 SP5, 24 S5',
  'B21-3':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 520.7x584.2x12.7; 1 rail-front 508x88.9x12.7; 1 rail-back 508x88.9x12.7; 1 back 736.6x520.7x6.35; 1 hang-rail 508x88.9x12.7; 1 kick 533.4x114.3x19.05; 2 frame-stile 762x38.1x19.05; 4 frame-rail 457.2x38.1x19.05; 1 drawer-side 558.8x50.8x12.7 l2; 1 drawer-side-2 558.8x50.8x12.7 l2; 1 drawer-head 406.4x50.8x12.7 l2; 1 drawer-back 406.4x50.8x12.7 l2; 3 drawer-bottom 546.1x419.1x6.35; 2 drawer-side-3 558.8x203.2x12.7 l2; 2 drawer-side-4 558.8x203.2x12.7 l2; 2 drawer-head-2 406.4x203.2x12.7 l2; 2 drawer-back-2 406.4x203.2x12.7 l2; 1 stile 148.59x37.148x19.05; 1 stile-2 148.59x37.148x19.05; 1 rail 446.405x37.148x19.05; 1 rail-2 446.405x37.148x19.05; 1 leaf-panel 90.295x462.405x6.35; 2 stile-3 297.18x62x19.05; 2 stile-4 297.18x62x19.05; 2 rail-3 396.7x62x19.05; 2 rail-4 396.7x62x19.05; 2 leaf-panel-2 189.18x412.7x6.35; 3 GB128, 3 RS559, 6 RB, 24 S5',
  'B24-S':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 596.9x584.2x12.7; 1 rail-back 584.2x88.9x12.7; 1 back 736.6x596.9x6.35; 1 kick 609.6x114.3x19.05; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 641.3x488.9x6.35; 2 HF105, 1 GB128, 12 S5',
  'B30-H':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 749.3x584.2x12.7; 1 rail-back 736.6x88.9x12.7; 1 back 736.6x749.3x6.35; 1 kick 762x114.3x19.05; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 685.8x38.1x19.05; 2 shelf 733.425x558.8x19.05 l2; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 2 rail 249.15x62x19.05; 2 rail-2 249.15x62x19.05; 2 leaf-panel 641.3x265.15x6.35; 1 stile-3 749.3x62x19.05; 1 stile-4 749.3x62x19.05; 4 HF105, 2 GB128, 8 SP5, 12 S5',
  'B30-O':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 749.3x584.2x12.7; 1 rail-back 736.6x88.9x12.7; 1 divider 749.3x534.2x12.7; 1 back 152.713x749.3x6.35; 1 kick 762x114.3x19.05; 2 frame-stile 762x38.1x19.05; 3 frame-rail 685.8x38.1x19.05; 1 fixed-front 151.125x749.3x19.05 l1 l2 w1 w2; 18 S5',
  'B21-W':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 520.7x584.2x12.7; 1 rail-front 508x88.9x12.7; 1 rail-back 508x88.9x12.7; 1 back 736.6x520.7x6.35; 1 hang-rail 508x88.9x12.7; 1 kick 533.4x114.3x19.05; 2 frame-stile 762x38.1x19.05; 2 frame-rail 457.2x38.1x19.05; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 396.7x62x19.05; 1 rail-2 396.7x62x19.05; 1 leaf-panel 641.3x412.7x6.35; 1 GB128, 24 S5, 1 SW',
  'B24-X':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 596.9x584.2x12.7; 1 rail-front 584.2x88.9x12.7; 1 rail-back 584.2x88.9x12.7; 1 back 736.6x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 1 kick 609.6x114.3x19.05; 2 frame-stile 762x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 shelf 581.025x584.2x19.05 l2; 4 SP5, 24 S5',
  'B36-C':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 901.7x584.2x12.7; 1 rail-front 889x88.9x12.7; 1 rail-back 889x88.9x12.7; 1 back 736.6x901.7x6.35; 1 hang-rail 889x88.9x12.7; 1 kick 914.4x114.3x19.05; 2 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 158.6x38.1x19.05; 1 blind-panel 762x641.5x19.05; 2 shelf 885.825x558.8x19.05 l2; 1 stile 749.3x55.525x19.05; 1 stile-2 749.3x55.525x19.05; 1 rail 111.05x55.525x19.05; 1 rail-2 111.05x55.525x19.05; 1 leaf-panel 654.25x127.05x6.35; 2 HF105, 1 GB128, 8 SP5, 24 S5',
  'B33-L':
    '1 back 762x825.5x12.7; 1 back-2 762x812.8x12.7; 1 side-right 762x590.55x12.7; 1 side-left 762x590.55x12.7; 1 bottom 812.8x812.8x12.7; 1 top 812.8x812.8x12.7; 2 frame-stile 762x38.1x19.05; 4 frame-rail 190.5x38.1x19.05; 1 post 762x19.05x19.05; 1 stile 749.3x49.213x19.05; 1 stile-2 749.3x49.213x19.05; 1 rail 98.425x49.213x19.05; 1 rail-2 98.425x49.213x19.05; 2 leaf-panel 666.875x114.425x6.35; 1 stile-3 749.3x49.213x19.05; 1 stile-4 749.3x49.213x19.05; 1 rail-3 98.425x49.213x19.05; 1 rail-4 98.425x49.213x19.05; 4 HF105, 2 GB128, 16 S5, 4 L150, 2 LC, 1 SR',
  'B36-K':
    '1 back 762x901.7x12.7; 1 back-2 762x889x12.7; 1 side-right 762x582.659x12.7; 1 side-left 762x582.659x12.7; 1 bottom 889x889x12.7; 1 top 889x889x12.7; 2 shelf 889x889x19.05; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 354.852x38.1x19.05; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 294.352x62x19.05; 1 rail-2 294.352x62x19.05; 1 leaf-panel 641.3x310.352x6.35; 2 HF105, 1 GB128, 8 SP5, 16 S5, 6 L150, 3 LC',
  'B36-LD':
    '1 back 762x901.7x12.7; 1 back-2 762x889x12.7; 1 side-right 762x590.55x12.7; 1 side-left 762x590.55x12.7; 1 bottom 889x889x12.7; 1 top 889x889x12.7; 2 frame-stile 762x38.1x19.05; 8 frame-rail 266.7x38.1x19.05; 1 post 762x19.05x19.05; 1 stile 148.59x37.148x19.05; 1 stile-2 148.59x37.148x19.05; 1 rail 198.755x37.148x19.05; 1 rail-2 198.755x37.148x19.05; 1 leaf-panel 90.295x214.755x6.35; 2 stile-3 297.18x62x19.05; 2 stile-4 297.18x62x19.05; 2 rail-3 149.05x62x19.05; 2 rail-4 149.05x62x19.05; 4 leaf-panel-2 189.18x165.05x6.35; 1 stile-5 148.59x37.148x19.05; 1 stile-6 148.59x37.148x19.05; 1 rail-5 198.755x37.148x19.05; 1 rail-6 198.755x37.148x19.05; 1 leaf-panel-3 90.295x214.755x6.35; 2 stile-7 297.18x62x19.05; 2 stile-8 297.18x62x19.05; 2 rail-7 149.05x62x19.05; 2 rail-8 149.05x62x19.05; 6 GB128, 16 S5, 6 L150, 3 LC, 1 SD',
  'B39-CP':
    '1 side-left 876.3x590.55x12.7; 1 side-right 876.3x590.55x12.7; 1 bottom 977.9x584.2x12.7; 1 rail-front 965.2x88.9x12.7; 1 rail-back 965.2x88.9x12.7; 1 back 736.6x977.9x6.35; 1 hang-rail 965.2x88.9x12.7; 1 kick 990.6x114.3x19.05; 2 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 234.8x38.1x19.05; 1 blind-panel 762x641.5x19.05; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 174.3x62x19.05; 1 rail-2 174.3x62x19.05; 1 leaf-panel 641.3x190.3x6.35; 2 HF105, 1 GB128, 24 S5, 1 SP',
  'B9-E':
    '1 side-left 762x609.6x12.7 l2; 1 side-right 762x426.72x12.7 l2; 1 back 762x203.2x12.7; 1 bottom 203.2x596.9x12.7; 1 top 203.2x596.9x12.7; 1 shelf 203.2x596.9x19.05; 4 SP5, 12 S5, 4 L150, 2 LC',
  U2130:
    '1 side-left 762x285.75x12.7 w1; 1 side-right 762x285.75x12.7 w1; 1 bottom 520.7x279.4x12.7; 1 top 520.7x279.4x12.7; 1 back 711.2x520.7x6.35; 1 hang-rail 508x88.9x12.7; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 457.2x38.1x19.05; 2 shelf 504.825x254x19.05 l2; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 396.7x62x19.05; 1 rail-2 396.7x62x19.05; 1 leaf-panel 641.3x412.7x6.35; 2 HF105, 1 GB128, 8 SP5, 18 S5, 1 HB',
  'U2412-V':
    '1 side-left 304.8x285.75x12.7 w1; 1 side-right 304.8x285.75x12.7 w1; 1 bottom 596.9x279.4x12.7; 1 top 596.9x279.4x12.7; 1 back 254x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 1 frame-stile 304.8x38.1x19.05; 1 frame-stile-2 304.8x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 stile 292.1x62x19.05; 1 stile-2 292.1x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 184.1x488.9x6.35; 2 HF105, 1 GB128, 18 S5, 1 HB',
  'U2430-G':
    '1 side-left 762x285.75x12.7 w1; 1 side-right 762x285.75x12.7 w1; 1 bottom 596.9x279.4x12.7; 1 top 596.9x279.4x12.7; 1 back 711.2x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 2 shelf 581.025x254x19.05 l2; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 pane 637.3x484.9x4; 2 HF105, 1 GB128, 8 SP5, 18 S5, 1 HB',
  'U2430-X':
    '1 side-left 762x285.75x12.7 w1; 1 side-right 762x285.75x12.7 w1; 1 bottom 596.9x279.4x12.7; 1 top 596.9x279.4x12.7; 1 back 711.2x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 2 frame-stile 762x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 shelf 581.025x279.4x19.05 l2; 4 SP5, 18 S5, 1 HB',
  'U2730-C':
    '1 side-left 762x285.75x12.7 w1; 1 side-right 762x285.75x12.7 w1; 1 bottom 673.1x279.4x12.7; 1 top 673.1x279.4x12.7; 1 back 711.2x673.1x6.35; 1 hang-rail 660.4x88.9x12.7; 2 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 234.8x38.1x19.05; 1 blind-panel 762x336.7x19.05; 2 shelf 657.225x254x19.05 l2; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 174.3x62x19.05; 1 rail-2 174.3x62x19.05; 1 leaf-panel 641.3x190.3x6.35; 2 HF105, 1 GB128, 8 SP5, 18 S5, 1 HB',
  'U2430-LL':
    '1 back 762x596.9x12.7 w1; 1 back-2 762x584.2x12.7 w1; 1 side-right 762x285.75x12.7 w1; 1 side-left 762x285.75x12.7 w1; 1 bottom 584.2x584.2x12.7; 1 top 584.2x584.2x12.7; 2 shelf 584.2x584.2x19.05; 2 frame-stile 762x38.1x19.05; 4 frame-rail 266.7x38.1x19.05; 1 post 762x19.05x19.05; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 149.05x62x19.05; 1 rail-2 149.05x62x19.05; 2 leaf-panel 641.3x165.05x6.35; 1 stile-3 749.3x62x19.05; 1 stile-4 749.3x62x19.05; 1 rail-3 149.05x62x19.05; 1 rail-4 149.05x62x19.05; 4 HF105, 2 GB128, 8 SP5, 16 S5, 1 HB',
  'U2430-K':
    '1 back 762x596.9x12.7 w1; 1 back-2 762x584.2x12.7 w1; 1 side-right 762x277.859x12.7 w1; 1 side-left 762x277.859x12.7 w1; 1 bottom 584.2x584.2x12.7; 1 top 584.2x584.2x12.7; 2 shelf 584.2x584.2x19.05; 1 frame-stile 762x38.1x19.05; 1 frame-stile-2 762x38.1x19.05; 2 frame-rail 354.852x38.1x19.05; 1 stile 749.3x62x19.05; 1 stile-2 749.3x62x19.05; 1 rail 294.352x62x19.05; 1 rail-2 294.352x62x19.05; 1 leaf-panel 641.3x310.352x6.35; 2 HF105, 1 GB128, 8 SP5, 16 S5, 1 HB',
  'U2730-M':
    '1 side-left 762x361.95x12.7 w1; 1 side-right 762x361.95x12.7 w1; 1 bottom 673.1x355.6x12.7; 1 top 673.1x355.6x12.7; 1 divider 673.1x305.6x12.7; 1 back 342.313x673.1x6.35; 1 hang-rail 660.4x88.9x12.7; 2 frame-stile 762x38.1x19.05; 3 frame-rail 609.6x38.1x19.05; 1 stile 366.125x62x19.05; 1 stile-2 366.125x62x19.05; 1 rail 549.1x62x19.05; 1 rail-2 549.1x62x19.05; 1 leaf-panel 258.125x565.1x6.35; 2 HF105, 1 LF, 1 GB128, 24 S5, 1 HB',
  'U2415-U':
    '1 side-left 381x285.75x12.7 w1; 1 side-right 381x285.75x12.7 w1; 1 bottom 596.9x279.4x12.7; 1 top 596.9x279.4x12.7; 1 back 330.2x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 2 frame-stile 381x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 stile 368.3x62x19.05; 1 stile-2 368.3x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 260.3x488.9x6.35; 2 HF105, 1 LF, 1 GB128, 18 S5, 1 HB',
  'U2430-P':
    '1 side-left 762x285.75x12.7 w1; 1 side-right 762x285.75x12.7 w1; 1 bottom 596.9x279.4x12.7; 1 top 596.9x279.4x12.7; 1 back 711.2x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 2 frame-stile 762x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 shelf 581.025x279.4x19.05 l2; 4 SP5, 18 S5, 1 HB',
  'U930-E':
    '1 side-left 762x304.8x12.7 l2 w1; 1 side-right 762x121.92x12.7 l2 w1; 1 back 762x203.2x12.7 w1; 1 bottom 203.2x292.1x12.7; 1 top 203.2x292.1x12.7; 1 shelf 203.2x292.1x19.05; 4 SP5, 12 S5, 1 HB',
  T2484:
    '1 side-left 2133.6x590.55x12.7; 1 side-right 2133.6x590.55x12.7; 1 bottom 596.9x584.2x12.7; 1 top 596.9x584.2x12.7; 1 divider 596.9x584.2x12.7; 1 back 1968.5x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 1 kick 609.6x114.3x19.05; 1 frame-stile 2019.3x38.1x19.05; 1 frame-stile-2 2019.3x38.1x19.05; 3 frame-rail 533.4x38.1x19.05; 6 shelf 581.025x558.8x19.05 l2; 1 stile 801.37x62x19.05; 1 stile-2 801.37x62x19.05; 2 rail 472.9x62x19.05; 2 rail-2 472.9x62x19.05; 1 leaf-panel 693.37x488.9x6.35; 1 stile-3 1202.055x62x19.05; 1 stile-4 1202.055x62x19.05; 1 leaf-panel-2 1094.055x488.9x6.35; 5 HF105, 2 GB128, 24 SP5, 24 S5',
  'T2484-B':
    '1 side-left 2133.6x590.55x12.7; 1 side-right 2133.6x590.55x12.7; 1 bottom 596.9x584.2x12.7; 1 top 596.9x584.2x12.7; 1 back 1968.5x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 1 kick 609.6x114.3x19.05; 1 frame-stile 2019.3x38.1x19.05; 1 frame-stile-2 2019.3x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 shelf 581.025x558.8x19.05 l2; 1 stile 2006.6x62x19.05; 1 stile-2 2006.6x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 1898.6x488.9x6.35; 5 HF105, 1 GB128, 4 SP5, 18 S5',
  'T2784-O':
    '1 side-left 2133.6x590.55x12.7; 1 side-right 2133.6x590.55x12.7; 1 bottom 673.1x584.2x12.7; 1 top 673.1x584.2x12.7; 2 divider 673.1x534.2x12.7; 1 back 604.763x673.1x6.35; 1 back-2 778.263x673.1x6.35; 1 hang-rail 660.4x88.9x12.7; 1 kick 685.8x114.3x19.05; 1 frame-stile 2019.3x38.1x19.05; 1 frame-stile-2 2019.3x38.1x19.05; 5 frame-rail 609.6x38.1x19.05; 2 shelf 657.225x558.8x19.05 l2; 2 drawer-side 558.8x203.2x12.7 l2; 2 drawer-side-2 558.8x203.2x12.7 l2; 2 drawer-head 558.8x203.2x12.7 l2; 2 drawer-back 558.8x203.2x12.7 l2; 2 drawer-bottom 546.1x571.5x6.35; 1 stile 802.075x62x19.05; 1 stile-2 802.075x62x19.05; 2 rail 211.05x62x19.05; 2 rail-2 211.05x62x19.05; 2 leaf-panel 694.075x227.05x6.35; 1 stile-3 802.075x62x19.05; 1 stile-4 802.075x62x19.05; 2 stile-5 300x62x19.05; 2 stile-6 300x62x19.05; 2 rail-3 549.1x62x19.05; 2 rail-4 549.1x62x19.05; 2 leaf-panel-2 192x565.1x6.35; 4 HF105, 4 GB128, 2 RS559, 4 RB, 8 SP5, 30 S5',
  'T3684-R':
    '1 side-left 2133.6x590.55x12.7; 1 side-right 2133.6x590.55x12.7; 1 bottom 901.7x584.2x12.7; 1 top 901.7x584.2x12.7; 1 kick 914.4x114.3x19.05; 1 frame-stile 2019.3x38.1x19.05; 1 frame-stile-2 2019.3x38.1x19.05; 3 frame-rail 838.2x38.1x19.05; 1 stile 1202.055x62x19.05; 1 stile-2 1202.055x62x19.05; 4 rail 325.35x62x19.05; 4 rail-2 325.35x62x19.05; 2 leaf-panel 1094.055x341.35x6.35; 1 stile-3 1202.055x62x19.05; 1 stile-4 1202.055x62x19.05; 1 stile-5 801.37x62x19.05; 1 stile-6 801.37x62x19.05; 2 leaf-panel-2 693.37x341.35x6.35; 1 stile-7 801.37x62x19.05; 1 stile-8 801.37x62x19.05; 10 HF105, 4 GB128, 12 S5',
  'T3084-OO':
    '1 side-left 2133.6x590.55x12.7; 1 side-right 2133.6x590.55x12.7; 1 bottom 749.3x584.2x12.7; 1 top 749.3x584.2x12.7; 3 divider 749.3x534.2x12.7; 1 back 301.588x749.3x6.35; 1 back-2 623.263x749.3x6.35; 1 hang-rail 736.6x88.9x12.7; 1 kick 762x114.3x19.05; 1 frame-stile 2019.3x38.1x19.05; 1 frame-stile-2 2019.3x38.1x19.05; 5 frame-rail 685.8x38.1x19.05; 1 shelf 733.425x558.8x19.05 l2; 1 drawer-side 558.8x203.2x12.7 l2; 1 drawer-side-2 558.8x203.2x12.7 l2; 1 drawer-head 635x203.2x12.7 l2; 1 drawer-back 635x203.2x12.7 l2; 1 drawer-bottom 546.1x647.7x6.35; 1 stile 647.075x62x19.05; 1 stile-2 647.075x62x19.05; 2 rail 249.15x62x19.05; 2 rail-2 249.15x62x19.05; 2 leaf-panel 539.075x265.15x6.35; 1 stile-3 647.075x62x19.05; 1 stile-4 647.075x62x19.05; 1 stile-5 300x62x19.05; 1 stile-6 300x62x19.05; 1 rail-3 625.3x62x19.05; 1 rail-4 625.3x62x19.05; 1 leaf-panel-2 192x641.3x6.35; 4 HF105, 3 GB128, 1 RS559, 2 RB, 4 SP5, 36 S5',
  G24: '1 side-left 457.2x285.75x12.7 w1; 1 side-right 457.2x285.75x12.7 w1; 1 bottom 596.9x279.4x12.7; 1 top 596.9x279.4x12.7; 1 back 406.4x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 2 frame-stile 457.2x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 stile 444.5x62x19.05; 1 stile-2 444.5x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 336.5x488.9x6.35; 2 HF105, 1 LF, 1 GB128, 18 S5, 1 HB',
  V24: '1 side-left 800.1x514.35x12.7; 1 side-right 800.1x514.35x12.7; 1 bottom 596.9x508x12.7; 1 rail-front 584.2x88.9x12.7; 1 rail-back 584.2x88.9x12.7; 1 back 660.4x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 1 kick 609.6x114.3x19.05; 1 frame-stile 685.8x38.1x19.05; 1 frame-stile-2 685.8x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 2 shelf 581.025x482.6x19.05 l2; 1 stile 673.1x62x19.05; 1 stile-2 673.1x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 565.1x488.9x6.35; 2 HF105, 1 GB128, 8 SP5, 24 S5',
  'V12-3':
    '1 side-left 800.1x514.35x12.7; 1 side-right 800.1x514.35x12.7; 1 bottom 292.1x508x12.7; 1 rail-front 279.4x88.9x12.7; 1 rail-back 279.4x88.9x12.7; 1 back 660.4x292.1x6.35; 1 hang-rail 279.4x88.9x12.7; 1 kick 304.8x114.3x19.05; 2 frame-stile 685.8x38.1x19.05; 4 frame-rail 228.6x38.1x19.05; 1 drawer-side 508x50.8x12.7 l2; 1 drawer-side-2 508x50.8x12.7 l2; 1 drawer-head 177.8x50.8x12.7 l2; 1 drawer-back 177.8x50.8x12.7 l2; 3 drawer-bottom 495.3x190.5x6.35; 1 drawer-side-3 508x203.2x12.7 l2; 1 drawer-side-4 508x203.2x12.7 l2; 1 drawer-head-2 177.8x203.2x12.7 l2; 1 drawer-back-2 177.8x203.2x12.7 l2; 1 drawer-side-5 508x177.8x12.7 l2; 1 drawer-side-6 508x177.8x12.7 l2; 1 drawer-head-3 177.8x177.8x12.7 l2; 1 drawer-back-3 177.8x177.8x12.7 l2; 1 stile 133.35x33.338x19.05; 1 stile-2 133.35x33.338x19.05; 1 rail 225.425x33.338x19.05; 1 rail-2 225.425x33.338x19.05; 1 leaf-panel 82.675x241.425x6.35; 2 stile-3 266.7x62x19.05; 2 stile-4 266.7x62x19.05; 2 rail-3 168.1x62x19.05; 2 rail-4 168.1x62x19.05; 2 leaf-panel-2 158.7x184.1x6.35; 3 GB128, 3 RS508, 6 RB, 24 S5',
  'V24-S':
    '1 side-left 800.1x514.35x12.7; 1 side-right 800.1x514.35x12.7; 1 bottom 596.9x508x12.7; 1 rail-back 584.2x88.9x12.7; 1 back 660.4x596.9x6.35; 1 kick 609.6x114.3x19.05; 1 frame-stile 685.8x38.1x19.05; 1 frame-stile-2 685.8x38.1x19.05; 2 frame-rail 533.4x38.1x19.05; 1 stile 673.1x62x19.05; 1 stile-2 673.1x62x19.05; 1 rail 472.9x62x19.05; 1 rail-2 472.9x62x19.05; 1 leaf-panel 565.1x488.9x6.35; 2 HF105, 1 GB128, 12 S5',
  'V24-H':
    '1 side-left 495.3x514.35x12.7 w1; 1 side-right 495.3x514.35x12.7 w1; 1 bottom 596.9x508x12.7; 1 rail-front 584.2x88.9x12.7; 1 rail-back 584.2x88.9x12.7; 1 back 469.9x596.9x6.35; 1 hang-rail 584.2x88.9x12.7; 2 frame-stile 495.3x38.1x19.05; 3 frame-rail 533.4x38.1x19.05; 2 drawer-side 508x152.4x12.7 l2; 2 drawer-side-2 508x152.4x12.7 l2; 2 drawer-head 482.6x152.4x12.7 l2; 2 drawer-back 482.6x152.4x12.7 l2; 2 drawer-bottom 495.3x495.3x6.35; 2 stile 239.713x59.928x19.05; 2 stile-2 239.713x59.928x19.05; 2 rail 477.044x59.928x19.05; 2 rail-2 477.044x59.928x19.05; 2 leaf-panel 135.856x493.044x6.35; 2 GB128, 2 RS508, 4 RB, 24 S5, 1 HB',
  'V15-T':
    '1 side-left 2133.6x514.35x12.7; 1 side-right 2133.6x514.35x12.7; 1 bottom 368.3x508x12.7; 1 top 368.3x508x12.7; 1 divider 368.3x508x12.7; 1 back 1968.5x368.3x6.35; 1 hang-rail 355.6x88.9x12.7; 1 kick 381x114.3x19.05; 1 frame-stile 2019.3x38.1x19.05; 1 frame-stile-2 2019.3x38.1x19.05; 3 frame-rail 304.8x38.1x19.05; 4 shelf 352.425x482.6x19.05 l2; 1 drawer-side 508x101.6x12.7 l2; 1 drawer-side-2 508x101.6x12.7 l2; 1 drawer-head 254x101.6x12.7 l2; 1 drawer-back 254x101.6x12.7 l2; 1 drawer-bottom 495.3x266.7x6.35; 1 stile 1803.425x62x19.05; 1 stile-2 1803.425x62x19.05; 1 rail 244.3x62x19.05; 1 rail-2 244.3x62x19.05; 1 leaf-panel 1695.425x260.3x6.35; 1 stile-3 200x50x19.05; 1 stile-4 200x50x19.05; 1 rail-3 268.3x50x19.05; 1 rail-4 268.3x50x19.05; 1 leaf-panel-2 116x284.3x6.35; 4 HF105, 2 GB128, 1 RS508, 2 RB, 16 SP5, 24 S5',
  F3: '1 filler 762x76.2x19.05; 1 filler-return 762x100x12.7; ',
  'F3-L': '1 filler 762x76.2x19.05; 1 filler-2 762x57.15x19.05; ',
  'F3-B': '1 filler 762x76.2x19.05; ',
  FT384: '1 filler 2019.3x76.2x19.05; 1 filler-return 2019.3x100x12.7; ',
  FU330: '1 filler 762x76.2x19.05; 1 filler-return 762x100x12.7; ',
  'P0.75': '1 end-panel 876.3x609.6x19.05 l2; ',
  'PR0.7584': '1 end-panel 2133.6x711.2x19.05 l2; ',
  PB24: '1 back-panel 876.3x609.6x19.05 l1 l2; ',
  PV30: '1 valance 762x127x19.05 l1; ',
  PS24: '1 floating-shelf 609.6x203.2x38.1 l2 w1 w2; ',
  PT48: '1 bar-top 1219.2x304.8x38.1 l1 l2 w1 w2; ',
  'PK1.5': '1 bracket 254x254x38.1 l2; ',
  K96: '1 plinth 2438.4x101.6x6.35 l1; ',
  KC96: '1 cornice 2438.4x76.2x76.2; ',
  KL96: '1 light-rail 2438.4x38.1x19.05; ',
  'KS0.75': '1 scribe 2438.4x19.05x6.35; ',
  D24: '1 appliance-door 762x609.6x19.05 l1 l2 w1 w2; ',
};
