import type { LaidSheets } from 'goodreach';
import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type InitOptions,
} from 'sequelize';
import type { ShopBookKind, ShopBooks } from './shop-book-kinds';

/** A book of the studio's shop as it was kept last. */
export class ShopBook extends Model<InferAttributes<ShopBook>, InferCreationAttributes<ShopBook>> {
  declare studioId: string;
  declare kind: ShopBookKind;
  declare revision: number;
  declare book: ShopBooks[ShopBookKind];
  declare keptAt: Date;
  declare keptBy: string;
}

/** How the parts of a room were laid on sheets last. */
export class KeptSheets extends Model<InferAttributes<KeptSheets>, InferCreationAttributes<KeptSheets>> {
  declare roomId: string;
  declare revision: number;
  declare sheets: LaidSheets;
  declare keptAt: Date;
  declare keptBy: string;
}

/** Ties them to a database. */
export function defineShopModels(common: InitOptions): void {
  ShopBook.init(
    {
      studioId: { type: DataTypes.UUID, primaryKey: true },
      kind: { type: DataTypes.TEXT, primaryKey: true },
      revision: DataTypes.INTEGER,
      book: DataTypes.JSONB,
      keptAt: DataTypes.DATE,
      keptBy: DataTypes.TEXT,
    },
    { ...common, tableName: 'shop_books' },
  );
  KeptSheets.init(
    {
      roomId: { type: DataTypes.UUID, primaryKey: true },
      revision: DataTypes.INTEGER,
      sheets: DataTypes.JSON,
      keptAt: DataTypes.DATE,
      keptBy: DataTypes.TEXT,
    },
    { ...common, tableName: 'laid_sheets' },
  );
}
