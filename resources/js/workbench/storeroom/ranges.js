// Cells of a table by row and column: what lies between two of them, and where what is pasted goes.

/** The box two cells are corners of. */
export const boxOf = (a, b) => ({
  top: Math.min(a.row, b.row), bottom: Math.max(a.row, b.row), left: Math.min(a.column, b.column), right: Math.max(a.column, b.column),
});

/** @return [{ row, column }] row by row */
export function cellsOf({ top, bottom, left, right }) {
  const cells = [];
  for (let row = top; row <= bottom; row += 1) for (let column = left; column <= right; column += 1) cells.push({ row, column });
  return cells;
}

/**
 * Where pasted lines go: from the box's first cell on; one single value, or lines that go into it a whole number of times, fill the box.
 *
 * @param lines [[text]] as they were copied
 * @param room { rows, columns } of the table
 * @return { cells: [{ row, column, typed }], left: how many found no place }
 */
export function placed(lines, box, room) {
  const tall = lines.length;
  const wide = Math.max(...lines.map((line) => line.length));
  const [high, broad] = [box.bottom - box.top + 1, box.right - box.left + 1];
  const times = high % tall === 0 && broad % wide === 0 ? { down: high / tall, across: broad / wide } : { down: 1, across: 1 };
  const cells = [];
  let left = 0;
  for (let row = 0; row < tall * times.down; row += 1) {
    for (let column = 0; column < wide * times.across; column += 1) {
      const typed = lines[row % tall][column % wide];
      if (typed === undefined) continue;
      const to = { row: box.top + row, column: box.left + column };
      if (to.row < room.rows && to.column < room.columns) cells.push({ ...to, typed });
      else left += 1;
    }
  }
  return { cells, left };
}
