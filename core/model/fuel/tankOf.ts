import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { dipsFlaw, type TankShape } from '../../physics/fuel/tankVolume';

/** The tank by its shape, from the build. Through the reader missing where a measure lacks or its table can't be read. */
export const tankOf = (read: Reader): TankShape => read.shared('tank', readTank);

function readTank(read: Reader): TankShape {
  const { shape } = read.all({ shape: 'tank.shape' });
  switch (shape) {
    case 'box': {
      const f = read.all({ lengthMm: 'fuel.tankLengthMm', widthMm: 'tank.widthMm', heightMm: 'fuel.tankHeightMm' });
      return { kind: 'box', ...f };
    }
    case 'upright': {
      const f = read.all({ diameterMm: 'fuel.tankLengthMm', heightMm: 'fuel.tankHeightMm' });
      return { kind: 'upright', ...f };
    }
    case 'lying': {
      const f = read.all({ lengthMm: 'fuel.tankLengthMm', diameterMm: 'fuel.tankHeightMm' });
      return { kind: 'lying', ...f };
    }
    case 'prism': {
      const { widthMm } = read.all({ widthMm: 'tank.widthMm' });
      const outline = read
        .rows('outline')
        .flatMap(({ alongMm, upMm }) => (alongMm === undefined || upMm === undefined ? [] : [{ alongMm, upMm }]));
      if (outline.length < 3) return read.missing(...toDo('enter three corners or more of the tank’s outline'));
      return { kind: 'prism', widthMm, outline };
    }
    case 'dips': {
      const dips = dipRows(read);
      if (dipsFlaw(dips)) return read.missing(...toDo('enter a dip table in which each row holds more than the one below it'));
      return { kind: 'dips', dips };
    }
  }
}

/** Rows of the dip table from the lowest level up. */
export const dipRows = (read: Reader): { levelMm: number; litres: number }[] =>
  read
    .rows('dips')
    .flatMap(({ levelMm, litres }) => (levelMm === undefined || litres === undefined ? [] : [{ levelMm, litres }]))
    .sort((a, b) => a.levelMm - b.levelMm);
